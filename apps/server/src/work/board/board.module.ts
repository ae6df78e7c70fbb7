import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModule } from '../../firm/catalogue/catalogue.module.js';
import { Job } from '../jobs/job.model.js';
import { JobsModule } from '../jobs/jobs.module.js';
import { Line } from '../lines/line.model.js';
import { BoardController } from './board.controller.js';
import { BoardService } from './board.service.js';
import { JobOutlookService } from './job-outlook.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Job, Line]), CatalogueModule, JobsModule],
  controllers: [BoardController],
  providers: [BoardService, JobOutlookService],
  exports: [JobOutlookService],
})
export class BoardModule {}
