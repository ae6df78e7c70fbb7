import cluster from 'node:cluster';
import { randomUUID, timingSafeEqual } from 'node:crypto';
import type { RequestHandler } from 'express';
import type { Metrics } from './metrics.service.js';

const LOOPBACK = /^(?:::ffff:)?127\.|^::1$/;
/** The start command gathers what its server processes measure. */
const PATIENCE_MS = 3_000;

/**
 * Answers GET /metrics: whoever asks from this machine itself, without a proxy between, or with the key; nobody else learns that there is
 * something.
 *
 * @param key of GREVIK_METRICS_KEY; empty for none
 */
export function serveMetrics(metrics: Metrics, key: string): RequestHandler {
  return (request, response, next) => {
    if (request.path !== '/metrics' || request.method !== 'GET') return next();
    const isHere =
      LOOPBACK.test(request.socket.remoteAddress ?? '') &&
      request.get('x-forwarded-for') === undefined &&
      request.get('forwarded') === undefined;
    if (!isHere && !isKey(request.get('authorization'), key)) {
      response.status(404).end();
      return;
    }
    ofAllProcesses()
      .then((text) => text ?? metrics.text())
      .then((text) => response.type('text/plain; version=0.0.4').send(text), next);
  };
}

function isKey(given: string | undefined, key: string): boolean {
  const [said, wanted] = [Buffer.from(given ?? ''), Buffer.from(`Bearer ${key}`)];
  return key !== '' && said.length === wanted.length && timingSafeEqual(said, wanted);
}

/** What all server processes of the start command measure together; undefined where there is none, or it does not answer. */
function ofAllProcesses(): Promise<string | undefined> {
  if (!cluster.isWorker) return Promise.resolve(undefined);
  const id = randomUUID();
  return new Promise((resolve) => {
    const heard = (message: unknown): void => {
      const { metricsOf, text } = message as { metricsOf?: string; text?: string };
      if (metricsOf === id) done(text);
    };
    const timer = setTimeout(() => done(undefined), PATIENCE_MS);
    const done = (text: string | undefined): void => {
      clearTimeout(timer);
      process.off('message', heard);
      resolve(text);
    };
    process.on('message', heard);
    process.send?.({ asksMetrics: id });
  });
}
