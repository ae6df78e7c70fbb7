import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';

/** Serves the built web application beside the API: its files as they are, and its page for every other address a person opens. */
export function serveWeb(app: NestExpressApplication, webRoot: string): void {
  const page = join(webRoot, 'index.html');
  if (!existsSync(page)) return;
  app.useStaticAssets(webRoot, {
    index: false,
    setHeaders: (response: Response, path: string) => {
      if (path.includes('/assets/'))
        response.setHeader('Cache-Control', 'public, max-age=31536000, immutable');
    },
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    const opensPage =
      request.method === 'GET' && !/^\/(api|assets)(\/|$)/.test(request.path) && request.accepts('html');
    if (opensPage) response.setHeader('Cache-Control', 'no-cache').sendFile(page);
    else next();
  });
}
