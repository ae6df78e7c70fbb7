import { Module } from '@nestjs/common';
import { LevelRecorderStandIn } from './level-recorder/level-recorder-stand-in.service.js';
import { LoggerStandIn } from './logger/logger-stand-in.service.js';
import { StandInReports } from './stand-in-reports.js';

/** Devices that the server plays. */
@Module({ providers: [StandInReports, LoggerStandIn, LevelRecorderStandIn] })
export class StandInsModule {}
