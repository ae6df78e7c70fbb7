import { type DynamicModule, Module } from '@nestjs/common';
import type { Settings } from '../settings/settings.js';
import { HealthController } from './health.controller.js';
import { HealthConnection } from './health-connection.js';
import { Readiness } from './readiness.service.js';

/** Whether the server is alive, and whether it can work. */
@Module({})
export class HealthModule {
  static on({ databaseUrl, drainS }: Pick<Settings, 'databaseUrl' | 'drainS'>): DynamicModule {
    return {
      module: HealthModule,
      controllers: [HealthController],
      providers: [
        { provide: HealthConnection, useFactory: () => new HealthConnection(databaseUrl) },
        {
          provide: Readiness,
          inject: [HealthConnection],
          useFactory: (connection: HealthConnection) => new Readiness(connection, drainS),
        },
      ],
    };
  }
}
