import { type Remote, wrap } from 'comlink';
import { lookAhead, openTypes } from './look-ahead';

const here = { lookAhead, openTypes };
let worker: Remote<typeof here> | undefined;

/** What is worked out in a worker, so that the handle stays smooth; where there are no workers, in place. */
export function besideTheScreen(): Remote<typeof here> | typeof here {
  if (typeof Worker === 'undefined') return here;
  worker ??= wrap<typeof here>(
    new Worker(new URL('./look-ahead.worker.ts', import.meta.url), { type: 'module' }),
  );
  return worker;
}
