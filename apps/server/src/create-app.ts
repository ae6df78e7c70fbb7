import { ConsoleLogger } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SwaggerModule } from '@nestjs/swagger';
import { LARGEST_PHOTO, LARGEST_SHEET } from '@grevik/contracts';
import { json, raw } from 'express';
import { openApi } from './api-docs/open-api.js';
import { AppModule } from './app.module.js';
import { migrate } from './database/migrate.js';
import { DemoCompany } from './demo/demo-company.service.js';
import { ErrorFilter } from './errors/error.filter.js';
import { refuseOddBodies } from './errors/odd-bodies.js';
import { requestValidation } from './errors/request-validation.js';
import { requestLog } from './requests/request-log.js';
import { securityHeaders } from './requests/security-headers.js';
import type { Settings } from './settings.js';
import { serveWeb } from './web/serve-web.js';

/** The application, with its tables up to date, ready to listen. */
export async function createApp(settings: Settings): Promise<NestExpressApplication> {
  await migrate(settings.databaseUrl);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.on(settings), {
    bodyParser: false,
    logger: new ConsoleLogger({ json: true, logLevels: ['error', 'warn'] }),
  });
  app.enableShutdownHooks();
  app.disable('x-powered-by');
  // Behind a proxy on this machine, the address of whoever asks is the one the proxy says.
  app.set('trust proxy', 'loopback');
  app.use(requestLog(settings.logLevel), securityHeaders());
  // A spreadsheet's worth of calculations in one call; anything a JSON document may be, so that the core says what is wrong with it.
  app.use('/api/calc', json({ limit: '64mb', strict: false }));
  // A job with its photos in one file.
  app.use(
    '/api/archive',
    json({ limit: '128mb', strict: false, type: ['application/json', 'application/geo+json'] }),
  );
  app.use('/api/positions/:id/photos', raw({ limit: LARGEST_PHOTO, type: () => true }));
  app.use('/api/jobs/:id/orders/sheet/preview', raw({ limit: LARGEST_SHEET, type: () => true }));
  app.use(json({ limit: '4mb' }));
  app.use(refuseOddBodies);
  app.useGlobalPipes(requestValidation());
  app.useGlobalFilters(new ErrorFilter());
  SwaggerModule.setup('api/docs', app, () => openApi(app), {
    jsonDocumentUrl: 'api/docs.json',
    customSiteTitle: 'Grevik: the API',
    customCss: '.topbar { display: none }',
  });
  serveWeb(app, settings.webRoot);
  await app.init();
  if (settings.offersDemo) await app.get(DemoCompany).ensure();
  return app;
}
