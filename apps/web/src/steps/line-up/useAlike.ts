import type { LineView, PositionView } from '@grevik/contracts';
import { useJobPositionsQuery, useJobQuery } from '../../store/api';

/** How many positions of the job ask the same valve: the same medium, function and size. This one counts. */
export function useAlike(line: LineView, { duty }: PositionView): number {
  const { data: positions } = useJobPositionsQuery(line.jobId);
  const { data: job } = useJobQuery(line.jobId);
  const sameMedium = new Set(job?.lines.filter(({ medium }) => medium === line.medium).map(({ id }) => id));
  const alike = positions?.filter(
    (other) => other.function === duty.function && other.dn === duty.dn && sameMedium.has(other.lineId),
  );
  return Math.max(1, alike?.length ?? 1);
}
