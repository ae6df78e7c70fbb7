import type { PositionView } from '@grevik/contracts';
import type { BenchFinding } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { failureText } from '../../store/failure';
import { useAddEntryMutation } from '../../store/log-api';
import { useWords } from '../../words';

/** Writes what the bench found to a position's log; an entry is never edited, so that taking it back is another. */
export function useWriteFinding(position: PositionView, lineId: string) {
  const [add, { isLoading }] = useAddEntryMutation();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const words = useWords();

  const store = async (text: string, finding: BenchFinding): Promise<boolean> => {
    try {
      const entry = {
        id: crypto.randomUUID(),
        kind: 'bench' as const,
        text,
        finding,
        happenedAt: new Date().toISOString(),
      };
      await add({ positionId: position.id, lineId, entry }).unwrap();
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
