import type { StartUpEntryRequest } from '@grevik/contracts';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useLineFrame } from '../../shell/useLineFrame';
import { useOutbox } from '../../store/useOutbox';
import { newId } from '../../store/new-id';
import { useWords } from '../../words';

type Fact = Omit<StartUpEntryRequest, 'id' | 'happenedAt'>;

/** Writes what was done: on the device first, then to the server. Without a network it waits on the device; sent twice it is stored once. */
export function useWriteStartUp(): {
  write: (fact: Fact, title: string) => Promise<boolean>;
  isLoading: boolean;
} {
  const { line } = useLineFrame();
  const send = useOutbox();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const [isLoading, setLoading] = useState(false);
  return {
    isLoading,
    write: async (fact, title) => {
      setLoading(true);
      const entry: StartUpEntryRequest = { id: newId(), happenedAt: new Date().toISOString(), ...fact };
      const sent = await send({
        title: `${line.name}: ${title}`,
        path: `lines/${line.id}/start-up/entries`,
        body: entry,
      });
      setLoading(false);
      if (sent.kind === 'refused') {
        enqueueSnackbar(sent.refusal, { variant: 'error' });
        return false;
      }
      enqueueSnackbar(words(sent.kind === 'stored' ? 'startUp.saved' : 'startUp.savedHere', { title }));
      return true;
    },
  };
}
