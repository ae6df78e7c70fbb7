import { Module } from '@nestjs/common';
import { TurnCounterController } from './turn-counter.controller.js';

/** Plays a turns and torque counter. */
@Module({ controllers: [TurnCounterController] })
export class TurnCounterModule {}
