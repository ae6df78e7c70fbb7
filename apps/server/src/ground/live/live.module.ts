import { type DynamicModule, Global, Module } from '@nestjs/common';
import { type Settings, directAddresses } from '../settings/settings.js';
import { LiveController } from './live.controller.js';
import { LiveListener } from './live-listener.service.js';
import { LiveNotices } from './live-notices.service.js';
import { LiveStreams } from './live-streams.service.js';
import { PresenceService } from './presence.service.js';

/** What others change, told to open pages wherever it was done. */
@Global()
@Module({})
export class LiveModule {
  static on(settings: Settings): DynamicModule {
    return {
      module: LiveModule,
      controllers: [LiveController],
      providers: [
        {
          provide: LiveListener,
          useFactory: () => new LiveListener([...directAddresses(settings).values()]),
        },
        LiveNotices,
        LiveStreams,
        PresenceService,
      ],
      exports: [LiveNotices, LiveStreams],
    };
  }
}
