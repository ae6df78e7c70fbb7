import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModule } from '../../firm/catalogue/catalogue.module.js';
import { EntriesModule } from '../entries/entries.module.js';
import { JobsModule } from '../jobs/jobs.module.js';
import { Line } from '../lines/line.model.js';
import { Pick } from './pick.model.js';
import { Position } from './position.model.js';
import { PicksController, PositionsController } from './positions.controller.js';
import { PositionsService } from './positions.service.js';
import { ArchivedPositions } from './archived-positions.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Position, Pick, Line]), CatalogueModule, EntriesModule, JobsModule],
  controllers: [PositionsController, PicksController],
  providers: [PositionsService, ArchivedPositions],
  exports: [PositionsService, ArchivedPositions],
})
export class PositionsModule {}
