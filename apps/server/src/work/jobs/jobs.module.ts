import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Line } from '../lines/line.model.js';
import { Position } from '../positions/position.model.js';
import { Job } from './job.model.js';
import { JobHouseRules } from './job-house-rules.service.js';
import { JobsController } from './jobs.controller.js';
import { JobsService } from './jobs.service.js';
import { ArchivedJobs } from './archived-jobs.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Job, Line, Position])],
  controllers: [JobsController],
  providers: [JobsService, JobHouseRules, ArchivedJobs],
  exports: [JobsService, JobHouseRules, ArchivedJobs],
})
export class JobsModule {}
