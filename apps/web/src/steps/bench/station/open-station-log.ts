import { type Remote, proxy, wrap } from 'comlink';
import type { LogRead, StationLog } from './station-log';

/** A station’s log in a worker of its own. */
export interface OpenedLog {
  log: Remote<StationLog>;
  read: (file: File, told: (share: number) => void) => Promise<LogRead | { trouble: string }>;
  /** Ends it, whatever it is doing. */
  close: () => void;
}

/** Starts a worker that keeps one log. */
export function openStationLog(): OpenedLog {
  const worker = new Worker(new URL('./station-log.worker.ts', import.meta.url), { type: 'module' });
  const log = wrap<StationLog>(worker);
  return {
    log,
    read: (file, told) => log.read(file, proxy(told)),
    close: () => worker.terminate(),
  };
}
