import { useEffect, useMemo, useState } from 'react';
import { useCompanyQuery } from '../store/api';
import { useJobWalkQuery } from '../store/walk-api';
import { type KeptJob, keepJob, keptJob } from './kept-job';

/**
 * The job to answer from: what the device kept, at once; the one that is asked for as it is now, where there is a network.
 *
 * @param jobId the job that was open, if one was
 * @returns nothing while neither is there yet, `none` where neither will be
 */
export function useLastJob(jobId: string | null): KeptJob | 'none' | undefined {
  const [kept, setKept] = useState<KeptJob | 'none'>();
  const skip = jobId === null;
  const live = useJobWalkQuery(jobId ?? '', { skip });
  const company = useCompanyQuery(undefined, { skip });
  useEffect(() => {
    keptJob().then(
      (job) => setKept(job ?? 'none'),
      () => setKept('none'),
    );
  }, []);
  const { data: job, fulfilledTimeStamp = 0 } = live;
  const houseRules = company.data?.houseRules;
  const now = useMemo(
    (): KeptJob | undefined =>
      job && houseRules && fulfilledTimeStamp > 0
        ? { slot: 'last', job, houseRules, keptAt: new Date(fulfilledTimeStamp).toISOString() }
        : undefined,
    [job, houseRules, fulfilledTimeStamp],
  );
  useEffect(() => {
    if (now) void keepJob(now.job, now.houseRules);
  }, [now]);
  if (now) return now;
  const isComing = !skip && !live.isError && !company.isError;
  const isThis = kept !== undefined && kept !== 'none' && kept.job.id === jobId;
  return isComing && !isThis ? undefined : kept;
}
