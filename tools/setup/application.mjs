import { fork } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './installation.mjs';
import { PlainFailure } from './plain-failure.mjs';

/**
 * Starts the built server and waits until it listens.
 * @param {NodeJS.ProcessEnv} env
 * @returns {Promise<{ stop: () => Promise<void>, ended: Promise<number | null> }>}
 */
export function startApplication(env) {
  // A process group of its own: Ctrl-C reaches the start command alone, which then stops things in order.
  const child = fork(join(ROOT, 'apps/server/dist/main.js'), {
    env: { ...process.env, ...env, NODE_ENV: 'production' },
    detached: true,
  });
  /** @type {Promise<number | null>} */
  const ended = new Promise((resolve) => child.once('exit', resolve));
  const stop = async () => {
    if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
    await ended;
  };
  return new Promise((resolve, reject) => {
    child.once('message', (/** @type {{ ready?: true, failed?: string }} */ message) => {
      if (message.ready) resolve({ stop, ended });
      else reject(new PlainFailure(message.failed ?? 'The server could not start.'));
    });
    void ended.then((code) =>
      reject(new PlainFailure(`The server ended before it was ready (code ${code}).`)),
    );
  });
}
