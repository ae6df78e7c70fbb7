import type { RequestHandler } from 'express';
import helmet from 'helmet';

/**
 * Only this server's own scripts, fonts and workers run. Neither an upgrade to https nor its permanence is demanded here: on a building's own
 * network the server is reached over plain http; where TLS is in front, it adds them.
 */
export function securityHeaders(): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      directives: {
        'upgrade-insecure-requests': null,
        'font-src': ["'self'", 'data:'],
        // The hammer's loop is WebAssembly.
        'script-src': ["'self'", "'wasm-unsafe-eval'"],
      },
    },
    strictTransportSecurity: false,
  });
}

/** What the API answers is for whoever asked, now: no cache keeps it. An endpoint that knows better says so itself. */
export const notStored: RequestHandler = (_request, response, next) => {
  response.set('cache-control', 'no-store');
  next();
};
