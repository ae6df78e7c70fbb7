import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Device } from '../devices/device.model.js';
import { DeviceClock } from '../devices/device-clock.service.js';
import { EntriesModule } from '../entries/entries.module.js';
import { Position } from '../positions/position.model.js';
import { LevelsService } from './levels.service.js';
import { Station } from './station.model.js';
import { StationVerdicts } from './station-verdicts.service.js';
import { StationsController } from './stations.controller.js';
import { StationsService } from './stations.service.js';

/** Pump stations whose levels are recorded, and what they say of their checks. */
@Module({
  imports: [SequelizeModule.forFeature([Station, Device, Position]), EntriesModule],
  controllers: [StationsController],
  providers: [DeviceClock, LevelsService, StationVerdicts, StationsService],
  exports: [LevelsService, StationVerdicts, SequelizeModule],
})
export class StationsModule {}
