import type { EntryRequest, PositionView } from '@grevik/contracts';
import type { BenchFinding } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useRef } from 'react';
import { failureText } from '../../store/failure';
import { useAddEntryMutation } from '../../store/log-api';
import { newId } from '../../store/new-id';
import { useWords } from '../../words';

/** Writes what the bench found to a position's log; an entry is never edited, so that taking it back is another. */
export function useWriteFinding(position: PositionView, lineId: string) {
  const [add, { isLoading }] = useAddEntryMutation();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const words = useWords();

  /** What the server has not answered yet: pressing again sends the same entry, which is stored once. */
  const draft = useRef<EntryRequest>(undefined);
  const store = async (text: string, finding: BenchFinding): Promise<boolean> => {
    const isSame = JSON.stringify(draft.current?.finding) === JSON.stringify(finding);
    const begun = isSame && draft.current?.text === text ? draft.current : undefined;
    const entry = begun ?? {
      id: newId(),
      kind: 'bench' as const,
      text,
      finding,
      happenedAt: new Date().toISOString(),
    };
    draft.current = entry;
    try {
      await add({ positionId: position.id, lineId, entry }).unwrap();
      draft.current = undefined;
      return true;
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
      return false;
    }
  };
  const takeBack = (text: string, { bench, verdict, valve }: BenchFinding): Promise<boolean> =>
    store(words('bench.takenBack', { text }), {
      bench,
      verdict,
      takenBack: true,
      ...(valve !== undefined && { valve }),
    });
  const write = async (text: string, finding: BenchFinding): Promise<void> => {
    if (!(await store(text, finding))) return;
    enqueueSnackbar(words('bench.written', { tag: position.tag }), {
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            void takeBack(text, finding);
          }}
        >
          {words('bench.takeBack')}
        </Button>
      ),
    });
  };
  return { write, takeBack, isWriting: isLoading };
}
