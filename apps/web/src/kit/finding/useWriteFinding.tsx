import type { PositionView } from '@grevik/contracts';
import type { BenchFinding } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { newId } from '../../store/new-id';
import { useWriteEntry } from '../../store/useWriteEntry';
import { useWords } from '../../words';

/** Writes what the bench found to a position's log; an entry is never edited, so that taking it back is another. */
export function useWriteFinding(position: PositionView) {
  const { write: writeEntry, isWriting } = useWriteEntry(position);
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const words = useWords();

  const store = async (text: string, finding: BenchFinding): Promise<boolean> => {
    const sent = await writeEntry({
      id: newId(),
      kind: 'bench',
      text,
      finding,
      happenedAt: new Date().toISOString(),
    });
    if (sent.kind === 'refused') enqueueSnackbar(sent.refusal, { variant: 'error' });
    return sent.kind !== 'refused';
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
  return { write, takeBack, isWriting };
}
