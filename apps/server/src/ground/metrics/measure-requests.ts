import type { RequestHandler } from 'express';
import type { Metrics } from './metrics.service.js';

/** Measures each request of the API by its route, not by its address: ids would make a series of each. */
export function measureRequests(metrics: Metrics): RequestHandler {
  return (request, response, next) => {
    const began = process.hrtime.bigint();
    response.once('finish', () => {
      const route = (request.route as { path?: string } | undefined)?.path ?? 'none';
      const seconds = Number(process.hrtime.bigint() - began) / 1e9;
      metrics.answered({ method: request.method, route, status: response.statusCode }, seconds);
    });
    next();
  };
}
