import { type Remote, proxy, wrap } from 'comlink';
import type { Simulations } from './simulations';

/** `live` follows what is dragged; `long` takes what may last. */
export type Desk = 'live' | 'long';

const workers = new Map<Desk, Remote<Simulations>>();

/** The simulations, worked out beside the screen. */
export function simulator(desk: Desk): Remote<Simulations> {
  let worker = workers.get(desk);
  if (!worker) {
    worker = wrap<Simulations>(
      new Worker(new URL('./simulations.worker.ts', import.meta.url), { type: 'module' }),
    );
    workers.set(desk, worker);
  }
  return worker;
}

/** A function of the screen that a worker may call. */
export const told = <A extends unknown[]>(tell: (...said: A) => void): ((...said: A) => void) => proxy(tell);
