import cluster from 'node:cluster';
import { join } from 'node:path';
import { ROOT } from './installation.mjs';
import { PlainFailure } from './plain-failure.mjs';

/**
 * Starts the built server and waits until it listens. Several may listen on one port: what connects is taken by the one that is free.
 * @param {NodeJS.ProcessEnv} env
 * @returns {Promise<{ stop: () => Promise<void>, ended: Promise<number | null> }>}
 */
export function startApplication(env) {
  // Each server takes its connections itself: handed out by this process, one that was on its way to a server that dies would hang.
  cluster.schedulingPolicy = cluster.SCHED_NONE;
  cluster.setupPrimary({ exec: join(ROOT, 'apps/server/dist/main.js'), args: [] });
  const worker = cluster.fork({ ...env, NODE_ENV: 'production' });
  /** @type {Promise<number | null>} */
  const ended = new Promise((resolve) => worker.once('exit', resolve));
  const stop = async () => {
    if (!worker.isDead()) worker.process.kill('SIGTERM');
    await ended;
  };
  worker.on('message', (/** @type {{ asksMetrics?: string }} */ { asksMetrics }) => {
    if (asksMetrics !== undefined) void answerMetrics(worker, asksMetrics);
  });
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

/** @type {import('prom-client').AggregatorRegistry<'text/plain; version=0.0.4; charset=utf-8'> | undefined} */
let measured;

/** Gives a server what all of them measure together. @param {import('node:cluster').Worker} worker @param {string} metricsOf */
async function answerMetrics(worker, metricsOf) {
  const { AggregatorRegistry } = await import('prom-client');
  measured ??= new AggregatorRegistry();
  const text = await measured.clusterMetrics().catch(() => undefined);
  if (worker.isConnected()) worker.send({ metricsOf, text });
}
