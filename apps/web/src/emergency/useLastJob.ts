import { useEffect, useMemo, useState } from 'react';
import { rulesOfCompany } from '../kit/company-rules';
import { useCompanyQuery } from '../store/api';
import { type KeptJob, keepJob, keptJob } from '../store/kept-job';
import { useSessionQuery } from '../store/people-api';
import { useJobWalkQuery } from '../store/walk-api';

/** How long it is waited for who is signed in: with the network gone nobody says it, and water does not wait. */
const PATIENCE_MS = 1_500;

/**
 * The job to answer from: what the device kept, at once; the one that is asked for as it is now, where there is a network. What is kept for
 * another person is not shown.
 *
 * @param jobId the job that was open, if one was
 * @returns nothing while neither is there yet, `none` where neither will be
 */
export function useLastJob(jobId: string | null): KeptJob | 'none' | undefined {
  const kept = useKept();
  const personId = useSessionQuery().data?.session?.person.id;
  const skip = jobId === null;
  const live = useJobWalkQuery(jobId ?? '', { skip });
  const company = useCompanyQuery(undefined, { skip });
  const { data: job, fulfilledTimeStamp = 0 } = live;
  const { data: ofCompany } = company;
  const houseRules = useMemo(() => ofCompany && rulesOfCompany(ofCompany), [ofCompany]);
  const now = useMemo(
    (): KeptJob | undefined =>
      job && houseRules && personId !== undefined && fulfilledTimeStamp > 0
        ? {
            slot: 'last',
            ownerId: personId,
            job,
            houseRules,
            keptAt: new Date(fulfilledTimeStamp).toISOString(),
          }
        : undefined,
    [job, houseRules, personId, fulfilledTimeStamp],
  );
  useEffect(() => {
    if (now) void keepJob(now.job, now.houseRules, now.ownerId);
  }, [now]);
  if (now) return now;
  const isComing = !skip && !live.isError && !company.isError;
  const isThis = kept !== undefined && kept !== 'none' && kept.job.id === jobId;
  return isComing && !isThis ? undefined : kept;
}

/** What the device keeps for whoever is signed in; for whoever was, where nobody says who is. */
function useKept(): KeptJob | 'none' | undefined {
  const [kept, setKept] = useState<KeptJob | 'none'>();
  const [isPatient, setPatient] = useState(true);
  const { data, isError } = useSessionQuery();
  useEffect(() => {
    keptJob().then(
      (job) => setKept(job ?? 'none'),
      () => setKept('none'),
    );
    const timer = setTimeout(() => setPatient(false), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, []);
  if (kept === undefined || kept === 'none') return kept;
  if (data) return data.session?.person.id === kept.ownerId ? kept : 'none';
  return isError || !isPatient ? kept : undefined;
}
