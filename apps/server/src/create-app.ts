import { ConsoleLogger } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SwaggerModule } from '@nestjs/swagger';
import type { RequestHandler } from 'express';
import { openApi } from './ground/api-docs/open-api.js';
import { AppModule } from './app.module.js';
import { migrate } from './ground/database/migrate.js';
import { DemoCompany } from './demo/demo-company.service.js';
import { ErrorFilter } from './ground/errors/error.filter.js';
import { requestValidation } from './ground/errors/request-validation.js';
import { findSender, openCompany } from './firm/people/find-sender.js';
import { SessionsService } from './firm/people/sessions.service.js';
import { DevicesService } from './work/devices/devices.service.js';
import { findDevice } from './work/devices/find-device.js';
import { ExpressConnections } from './ground/requests/express-connections.js';
import { readBody } from './ground/requests/read-body.js';
import { refuseOtherSites } from './ground/requests/same-origin.js';
import { SessionStore } from './ground/sessions/session-store.js';
import { requestLog } from './ground/requests/request-log.js';
import { docsHeaders, notStored, securityHeaders } from './ground/requests/security-headers.js';
import { Metrics } from './ground/metrics/metrics.service.js';
import { measureRequests } from './ground/metrics/measure-requests.js';
import { serveMetrics } from './ground/metrics/serve-metrics.js';
import { type Settings, directAddresses } from './ground/settings/settings.js';
import { serveWeb } from './ground/web/serve-web.js';

/** The application, with its tables up to date, ready to listen. */
export async function createApp(settings: Settings): Promise<NestExpressApplication> {
  for (const address of directAddresses(settings).values()) await migrate(address);
  const app = await NestFactory.create<NestExpressApplication>(
    AppModule.on(settings),
    new ExpressConnections(),
    {
      bodyParser: false,
      logger: new ConsoleLogger({ json: true, logLevels: ['error', 'warn'] }),
    },
  );
  app.enableShutdownHooks(process.send ? ['SIGTERM'] : []);
  app.disable('x-powered-by');
  // Nothing of the API is kept by a cache, so that no fingerprint of it is worked out.
  app.disable('etag');
  // What a proxy says of whoever asks is believed of the proxies that are named, and of nobody else.
  app.set('trust proxy', settings.trustedProxies || false);
  const metrics = app.get(Metrics, { strict: false });
  app.use(requestLog(settings.logLevel), measureRequests(metrics), securityHeaders());
  app.use(serveMetrics(metrics, settings.metricsKey));
  const devices = findDevice(app.get(DevicesService, { strict: false }));
  const sender = findSender(app.get(SessionStore), app.get(SessionsService));
  for (const step of [notStored, refuseOtherSites, devices, sender, readBody, openCompany])
    app.use(underApi(step));
  app.useGlobalPipes(requestValidation());
  app.useGlobalFilters(new ErrorFilter());
  app.use('/api/docs', docsHeaders);
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

/** A step for requests of the API alone, which sees their path whole. */
const underApi =
  (step: RequestHandler): RequestHandler =>
  (request, response, next) =>
    request.path.startsWith('/api/') ? step(request, response, next) : next();
