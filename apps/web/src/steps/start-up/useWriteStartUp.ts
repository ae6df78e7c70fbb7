import type { StartUpEntryRequest } from '@grevik/contracts';
import { useSnackbar } from 'notistack';
import { useRef } from 'react';
import { useLineFrame } from '../../shell/useLineFrame';
import { failureText } from '../../store/failure';
import { newId } from '../../store/new-id';
import { useAddStartUpEntryMutation } from '../../store/start-up-api';
import { useWords } from '../../words';

type Fact = Omit<StartUpEntryRequest, 'id' | 'happenedAt'>;

/** Writes what was done. The id stays the same until it is stored: sending it twice stores it once. */
export function useWriteStartUp(): {
  write: (fact: Fact, title: string) => Promise<boolean>;
  isLoading: boolean;
} {
  const { line } = useLineFrame();
  const [add, { isLoading }] = useAddStartUpEntryMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const draft = useRef<{ of: string; id: string; happenedAt: string }>(undefined);
  return {
    isLoading,
    write: async (fact, title) => {
      const of = JSON.stringify(fact);
      if (draft.current?.of !== of) draft.current = { of, id: newId(), happenedAt: new Date().toISOString() };
      const { id, happenedAt } = draft.current;
      try {
        await add({ lineId: line.id, entry: { id, happenedAt, ...fact } }).unwrap();
        draft.current = undefined;
        enqueueSnackbar(words('startUp.saved', { title }));
        return true;
      } catch (error) {
        enqueueSnackbar(failureText(error), { variant: 'error' });
        return false;
      }
    },
  };
}
