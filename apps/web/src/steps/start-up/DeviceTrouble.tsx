import type { ReadingView } from '@grevik/contracts';
import { Alert } from '@mui/material';
import { useNow } from '../../kit/useNow';
import { useWords } from '../../words';

/** A logger that reports nothing for so long is silent, min. */
const SILENT_MIN = 2;
const MINUTE_MS = 60_000;

/** What is wrong with the logger of a reading that runs: refused, or silent. */
export function DeviceTrouble({ device, startedAt }: Pick<ReadingView, 'device' | 'startedAt'>) {
  const words = useWords();
  const nowMs = useNow();
  if (!device) return null;
  const { name, lastAt, trouble } = device;
  if (trouble !== null) return <Alert severity="warning">{words('hold.refused', { name, trouble })}</Alert>;
  const sinceMs = Math.max(Date.parse(lastAt ?? startedAt), Date.parse(startedAt));
  const silentMin = Math.floor((nowMs - sinceMs) / MINUTE_MS);
  return silentMin >= SILENT_MIN ? (
    <Alert severity="warning">{words('hold.off', { name, count: silentMin })}</Alert>
  ) : null;
}
