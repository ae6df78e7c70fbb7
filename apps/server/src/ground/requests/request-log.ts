import { randomUUID } from 'node:crypto';
import type { RequestHandler } from 'express';
import { pino } from 'pino';
import { pinoHttp } from 'pino-http';

/** What a caller may name its request: short, and nothing that could break a line of the log. */
const GIVEN_ID = /^[\w.-]{1,64}$/;

/**
 * One line of JSON a request, under an id that the answer carries too (`X-Request-Id`), so that a person can quote it. Cookies, bodies and
 * addresses' queries are not logged.
 *
 * @param level least level that is written: `silent`, `error`, `warn`, `info`
 */
export function requestLog(level: string): RequestHandler {
  return pinoHttp({
    logger: pino({ level }),
    genReqId: (request, response) => {
      const given = request.headers['x-request-id'];
      const id = typeof given === 'string' && GIVEN_ID.test(given) ? given : randomUUID();
      response.setHeader('X-Request-Id', id);
      return id;
    },
    customLogLevel: (_request, response, error) => (error || response.statusCode >= 500 ? 'error' : 'info'),
    serializers: {
      req: ({ id, method, url }: { id: string; method: string; url: string }) => ({
        id,
        method,
        path: url.split('?')[0],
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
    },
  });
}
