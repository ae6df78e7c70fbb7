import { type DynamicModule, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import type { Settings } from '../../ground/settings/settings.js';
import { StartUpsModule } from '../start-ups/start-ups.module.js';
import { DeviceClock } from './device-clock.service.js';
import { Device } from './device.model.js';
import { DevicesController } from './devices.controller.js';
import { DevicesService, STAND_INS } from './devices.service.js';

/** Devices that report by themselves. */
@Module({})
export class DevicesModule {
  static on({ playsStandIns }: Pick<Settings, 'playsStandIns'>): DynamicModule {
    return {
      module: DevicesModule,
      imports: [SequelizeModule.forFeature([Device]), StartUpsModule],
      controllers: [DevicesController],
      providers: [DevicesService, DeviceClock, { provide: STAND_INS, useValue: playsStandIns }],
      exports: [DevicesService, SequelizeModule],
    };
  }
}
