import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';
import expressStaticGzip from 'express-static-gzip';

/** What stands in the built page where its nonce goes. */
const NONCE_PLACE = '__CSP_NONCE__';

/** What a file of the build can be called; nothing of the API is looked for among the files. */
const FILE_PATH = /^\/(?!api\/)[\w./-]+$/;

/** Serves the built web application beside the API: its files as they were built and compressed, and its page for every other address a person opens. */
export function serveWeb(app: NestExpressApplication, webRoot: string): void {
  const file = join(webRoot, 'index.html');
  if (!existsSync(file)) return;
  const page = readFileSync(file, 'utf8');
  const open = (response: Response): void =>
    void response
      .type('html')
      .set('cache-control', 'no-cache')
      .send(page.replaceAll(NONCE_PLACE, String(response.locals.nonce)));
  // Asked for by its own name too, by whoever keeps it for want of a network.
  app.use('/index.html', (_request: Request, response: Response) => open(response));
  const files = expressStaticGzip(webRoot, {
    index: false,
    serveStatic: {
      setHeaders: (response, path) => {
        if (path.includes('/assets/'))
          response.setHeader('Cache-Control', 'public, max-age=31536000, immutable');
      },
    },
  });
  app.use((request: Request, response: Response, next: NextFunction) =>
    FILE_PATH.test(request.path) ? files(request, response, next) : next(),
  );
  app.use((request: Request, response: Response, next: NextFunction) => {
    const opensPage =
      request.method === 'GET' && !/^\/(api|assets)(\/|$)/.test(request.path) && request.accepts('html');
    if (opensPage) open(response);
    else next();
  });
}
