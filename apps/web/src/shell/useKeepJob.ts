import { useEffect, useState } from 'react';
import { rulesOfCompany } from '../kit/company-rules';
import { useCompanyQuery } from '../store/api';
import { useSessionQuery } from '../store/people-api';
import { useJobWalkQuery } from '../store/walk-api';

/** The screen one came for goes first. */
const AFTER_MS = 4_000;

/** Keeps the open job on the device, so that a burst is answered with the network gone. */
export function useKeepJob(jobId: string | undefined): void {
  const [settled, setSettled] = useState<string>();
  useEffect(() => {
    const timer = setTimeout(() => setSettled(jobId), AFTER_MS);
    return () => clearTimeout(timer);
  }, [jobId]);
  const { data: job } = useJobWalkQuery(jobId ?? '', { skip: jobId === undefined || settled !== jobId });
  const { data: company } = useCompanyQuery();
  const personId = useSessionQuery().data?.session?.person.id;
  useEffect(() => {
    if (!job || !company || personId === undefined) return;
    void import('../store/kept-job').then(({ keepJob }) => keepJob(job, rulesOfCompany(company), personId));
  }, [job, company, personId]);
}
