import { whatIf } from '@grevik/core';
import { type Remote, wrap } from 'comlink';

let worker: Remote<typeof whatIf> | undefined;

/** `whatIf` in a worker, so that the page answers while a whole job is judged twice; where there are no workers, in place. */
export async function countChanges(...given: Parameters<typeof whatIf>): Promise<ReturnType<typeof whatIf>> {
  if (typeof Worker === 'undefined') return whatIf(...given);
  worker ??= wrap<typeof whatIf>(
    new Worker(new URL('./count-changes.worker.ts', import.meta.url), { type: 'module' }),
  );
  return worker(...given);
}
