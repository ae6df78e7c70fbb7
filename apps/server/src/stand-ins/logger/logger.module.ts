import { Module } from '@nestjs/common';
import { StartUpsModule } from '../../work/start-ups/start-ups.module.js';
import { LoggerStandIn } from './logger-stand-in.service.js';

@Module({ imports: [StartUpsModule], providers: [LoggerStandIn] })
export class LoggerModule {}
