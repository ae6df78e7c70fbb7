import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Position } from '../positions/position.model.js';
import { WalkListController } from './walk-list.controller.js';
import { WalkListService } from './walk-list.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Job, Line, Position])],
  controllers: [WalkListController],
  providers: [WalkListService],
})
export class WalkListModule {}
