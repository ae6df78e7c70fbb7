import type { LineView } from '@grevik/contracts';
import { useCatalogueQuery, useCompanyQuery, useJobQuery } from '../store/api';
import { useSessionQuery } from '../store/people-api';
import { useKeepAnswer } from '../store/useKeepAnswer';

/** Keeps on the device what every page of a line rests on. */
export function useKeepLine(line: LineView): void {
  useKeepAnswer('session', useSessionQuery().data);
  useKeepAnswer('company', useCompanyQuery().data);
  useKeepAnswer('catalogue', useCatalogueQuery().data);
  useKeepAnswer(`jobs/${line.jobId}`, useJobQuery(line.jobId).data);
  useKeepAnswer(`lines/${line.id}`, line);
}
