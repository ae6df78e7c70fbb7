import { api } from './api';
import { peopleApi } from './people-api';
import type { makeStore } from './store';

const LINE = /^\/jobs\/([^/]+)\/lines\/([^/]+)/;

/** Asks at once for what the screen at an address will show, so that the answers are under way while its script is read. */
export function askAhead({ dispatch }: ReturnType<typeof makeStore>, pathname: string): void {
  const [, jobId, lineId] = LINE.exec(pathname) ?? [];
  if (jobId === undefined || lineId === undefined) return;
  // Without a subscription: what no screen takes up is forgotten again.
  const ahead = { subscribe: false };
  void dispatch(api.endpoints.line.initiate(lineId, ahead));
  void dispatch(api.endpoints.job.initiate(jobId, ahead));
  void dispatch(api.endpoints.catalogue.initiate(undefined, ahead));
  void dispatch(api.endpoints.company.initiate(undefined, ahead));
  void dispatch(peopleApi.endpoints.session.initiate(undefined, ahead));
}
