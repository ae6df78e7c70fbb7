import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { json } from 'express';
import { AppModule } from './app.module.js';
import { CompanyService } from './company/company.service.js';
import { migrate } from './database/migrate.js';
import { FirstCompany } from './demo/first-company.service.js';
import { ErrorFilter } from './errors/error.filter.js';
import { refuseOddBodies } from './errors/odd-bodies.js';
import { requestValidation } from './errors/request-validation.js';
import type { Settings } from './settings.js';
import { serveWeb } from './web/serve-web.js';

/** The application, with its tables up to date and its company open, ready to listen. */
export async function createApp({
  databaseUrl,
  company,
  webRoot,
}: Settings): Promise<NestExpressApplication> {
  await migrate(databaseUrl);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.on(databaseUrl), {
    bodyParser: false,
    logger: ['error', 'warn'],
  });
  app.enableShutdownHooks();
  app.disable('x-powered-by');
  // A spreadsheet's worth of calculations in one call; anything a JSON document may be, so that the core says what is wrong with it.
  app.use('/api/calc', json({ limit: '64mb', strict: false }));
  app.use(json({ limit: '4mb' }));
  app.use(refuseOddBodies);
  app.useGlobalPipes(requestValidation());
  app.useGlobalFilters(new ErrorFilter());
  serveWeb(app, webRoot);
  await app.init();
  app.get(CompanyService).open(await app.get(FirstCompany).ensure(company));
  return app;
}
