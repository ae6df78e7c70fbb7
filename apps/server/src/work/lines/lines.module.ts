import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModule } from '../../firm/catalogue/catalogue.module.js';
import { Job } from '../jobs/job.model.js';
import { JobsModule } from '../jobs/jobs.module.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { WalksController } from '../walks/walks.controller.js';
import { WalksModule } from '../walks/walks.module.js';
import { Line } from './line.model.js';
import { LinesController } from './lines.controller.js';
import { LinesService } from './lines.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([Line, Position, Pick, Job]),
    CatalogueModule,
    WalksModule,
    JobsModule,
  ],
  controllers: [LinesController, WalksController],
  providers: [LinesService],
  exports: [LinesService],
})
export class LinesModule {}
