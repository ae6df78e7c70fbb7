import { useEffect } from 'react';
import { useCompanyQuery } from '../store/api';
import { useJobWalkQuery } from '../store/walk-api';

/** Keeps the open job on the device, so that a burst is answered with the network gone. */
export function useKeepJob(jobId: string | undefined): void {
  const { data: job } = useJobWalkQuery(jobId ?? '', { skip: jobId === undefined });
  const { data: company } = useCompanyQuery();
  useEffect(() => {
    if (!job || !company) return;
    void import('./kept-job').then(({ keepJob }) => keepJob(job, company.houseRules));
  }, [job, company]);
}
