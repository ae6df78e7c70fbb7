import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Job } from '../jobs/job.model.js';
import { Position } from '../positions/position.model.js';
import { DueIndex } from './due-index.service.js';
import { DueController } from './due.controller.js';
import { DueService } from './due.service.js';
import { IntervalsService } from './intervals.service.js';
import { OwnIntervalRow } from './own-interval.model.js';

/** What is due at valves in service, and how often. */
@Module({
  imports: [SequelizeModule.forFeature([OwnIntervalRow, Job, Position])],
  controllers: [DueController],
  providers: [DueIndex, DueService, IntervalsService],
  exports: [DueIndex],
})
export class DueModule {}
