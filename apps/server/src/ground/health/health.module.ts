import { type DynamicModule, Module } from '@nestjs/common';
import { HealthController } from './health.controller.js';
import { HealthConnection } from './health-connection.js';

/** Whether the server can work. */
@Module({})
export class HealthModule {
  static on({ databaseUrl }: { databaseUrl: string }): DynamicModule {
    return {
      module: HealthModule,
      controllers: [HealthController],
      providers: [{ provide: HealthConnection, useFactory: () => new HealthConnection(databaseUrl) }],
    };
  }
}
