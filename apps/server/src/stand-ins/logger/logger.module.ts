import { Module } from '@nestjs/common';
import { LoggerStandIn } from './logger-stand-in.service.js';

@Module({ providers: [LoggerStandIn] })
export class LoggerModule {}
