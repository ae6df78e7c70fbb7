import { type DynamicModule, Global, Module } from '@nestjs/common';
import { Attempts } from './attempts.js';
import { SessionStore } from './session-store.js';

/** Where sessions are kept, and how often ways in are tried. */
@Global()
@Module({})
export class SessionsModule {
  static on({ databaseUrl }: { databaseUrl: string }): DynamicModule {
    return {
      module: SessionsModule,
      providers: [Attempts, { provide: SessionStore, useFactory: () => SessionStore.open(databaseUrl) }],
      exports: [Attempts, SessionStore],
    };
  }
}
