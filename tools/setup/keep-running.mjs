import { setTimeout as pause } from 'node:timers/promises';
import { startApplication } from './application.mjs';

const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 30_000;
/** A server that ran for so long had started well: the next failure is a first one again. */
const RAN_WELL_MS = 60_000;

/**
 * Starts the server, and starts it again whenever it ends by itself, waiting longer each time it ends soon.
 * @param {NodeJS.ProcessEnv} env
 * @returns {Promise<{ stop: () => Promise<void>, stopped: Promise<void> }>} once it listens for the first time; rejects where it does not
 */
export async function keepRunning(env) {
  let server = await startApplication(env);
  const stopping = new AbortController();
  const stopped = (async () => {
    for (let wait = FIRST_WAIT_MS; ; wait = Math.min(2 * wait, LONGEST_WAIT_MS)) {
      const from = Date.now();
      const code = await server.ended;
      if (stopping.signal.aborted) return;
      if (Date.now() - from > RAN_WELL_MS) wait = FIRST_WAIT_MS;
      console.error(
        `The server ended unexpectedly (code ${code}). What was acknowledged is kept; it is started again in ${wait / 1000} s.`,
      );
      await pause(wait, undefined, { signal: stopping.signal }).catch(() => undefined);
      if (stopping.signal.aborted) return;
      server = await startApplication(env).catch((/** @type {Error} */ { message }) => {
        console.error(message);
        return { stop: async () => {}, ended: Promise.resolve(null) };
      });
      // Asked to stop while it was being started.
      if (stopping.signal.aborted) return server.stop();
    }
  })();
  return {
    stop: async () => {
      stopping.abort();
      await server.stop();
      await stopped;
    },
    stopped,
  };
}
