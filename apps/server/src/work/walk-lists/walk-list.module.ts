import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Entry } from '../entries/entry.model.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Position } from '../positions/position.model.js';
import { BackgroundWalkLists } from './background-walk-lists.service.js';
import { WalkListController } from './walk-list.controller.js';
import { WalkListService } from './walk-list.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Job, Line, Position, Entry])],
  controllers: [WalkListController],
  providers: [BackgroundWalkLists, WalkListService],
  exports: [WalkListService],
})
export class WalkListModule {}
