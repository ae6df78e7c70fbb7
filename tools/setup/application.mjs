import cluster from 'node:cluster';
import { join } from 'node:path';
import { ROOT } from './installation.mjs';
import { PlainFailure } from './plain-failure.mjs';

/**
 * Starts the built server and waits until it listens. Several may listen on one port: what connects goes to each in turn.
 * @param {NodeJS.ProcessEnv} env
 * @returns {Promise<{ stop: () => Promise<void>, ended: Promise<number | null> }>}
 */
export function startApplication(env) {
  cluster.setupPrimary({ exec: join(ROOT, 'apps/server/dist/main.js'), args: [] });
  const worker = cluster.fork({ ...env, NODE_ENV: 'production' });
  /** @type {Promise<number | null>} */
  const ended = new Promise((resolve) => worker.once('exit', resolve));
  const stop = async () => {
    if (!worker.isDead()) worker.process.kill('SIGTERM');
    await ended;
  };
  return new Promise((resolve, reject) => {
    worker.once('message', (/** @type {{ ready?: true, failed?: string }} */ message) => {
      if (message.ready) resolve({ stop, ended });
      else reject(new PlainFailure(message.failed ?? 'The server could not start.'));
    });
    void ended.then((code) =>
      reject(new PlainFailure(`The server ended before it was ready (code ${code}).`)),
    );
  });
}
