import type { PositionView } from '@grevik/contracts';
import type { BenchFinding } from '@grevik/core';
import { useSnackbar } from 'notistack';
import { newId } from '../../store/new-id';
import { useWriteEntry } from '../../store/useWriteEntry';
import { useWords } from '../../words';
import { useSayWithUndo } from '../useSayWithUndo';

/** Writes what the bench found to a position's log; an entry is never edited, so that taking it back is another. */
export function useWriteFinding(position: PositionView) {
  const { write: writeEntry, isWriting } = useWriteEntry(position);
  const { enqueueSnackbar } = useSnackbar();
  const sayWithUndo = useSayWithUndo();
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
    sayWithUndo(words('bench.written', { tag: position.tag }), () => void takeBack(text, finding));
  };
  return { write, takeBack, isWriting };
}
