import { randomBytes } from 'node:crypto';
import type { RequestHandler, Response } from 'express';
import helmet from 'helmet';

/**
 * Only this server's own scripts, fonts and workers run. Neither an upgrade to https nor its permanence is demanded here: on a building's own
 * network the server is reached over plain http; where TLS is in front, it adds them.
 */
export function securityHeaders(): RequestHandler {
  const headers = helmet({
    contentSecurityPolicy: {
      directives: {
        'upgrade-insecure-requests': null,
        'font-src': ["'self'", 'data:'],
        // The hammer's loop is WebAssembly.
        'script-src': ["'self'", "'wasm-unsafe-eval'"],
        // Styles made while it runs carry the page's nonce; a single element's own are set by React.
        'style-src': [
          "'self'",
          (_request, response) => `'nonce-${String((response as Response).locals.nonce)}'`,
        ],
        'style-src-attr': ["'unsafe-inline'"],
      },
    },
    strictTransportSecurity: false,
  });
  return (request, response, next) => {
    response.locals.nonce = randomBytes(16).toString('base64');
    headers(request, response, next);
  };
}

/** The page that shows the description of the API writes its styles into itself. */
export const docsHeaders: RequestHandler = (_request, response, next) => {
  response.set(
    'content-security-policy',
    "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:",
  );
  next();
};

/** What the API answers is for whoever asked, now: no cache keeps it. An endpoint that knows better says so itself. */
export const notStored: RequestHandler = (_request, response, next) => {
  response.set('cache-control', 'no-store');
  next();
};
