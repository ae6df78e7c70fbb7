import { useMemo } from 'react';
import { useOverdueQuery } from './rounds-api';

/** Positions of a job at which something is overdue. */
export function useOverdue(jobId: string | undefined): ReadonlySet<string> {
  const { data } = useOverdueQuery(jobId ?? '', { skip: jobId === undefined });
  return useMemo(() => new Set(data), [data]);
}
