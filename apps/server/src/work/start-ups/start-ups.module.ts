import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModule } from '../../firm/catalogue/catalogue.module.js';
import { Job } from '../jobs/job.model.js';
import { JobsModule } from '../jobs/jobs.module.js';
import { Line } from '../lines/line.model.js';
import { WalksModule } from '../walks/walks.module.js';
import { ArchivedStartUps } from './archived-start-ups.service.js';
import { StartUpFilesService } from './files/start-up-files.service.js';
import { HandOver } from './hand-over.model.js';
import { Reading } from './reading.model.js';
import { ReadingsService } from './readings.service.js';
import { SamplesService } from './samples.service.js';
import { StartUpEntryRow } from './start-up-entry.model.js';
import { ReadingsController, StartUpsController } from './start-ups.controller.js';
import { StartUpsService } from './start-ups.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([StartUpEntryRow, Reading, HandOver, Line, Job]),
    CatalogueModule,
    JobsModule,
    WalksModule,
  ],
  controllers: [StartUpsController, ReadingsController],
  providers: [StartUpsService, StartUpFilesService, ReadingsService, SamplesService, ArchivedStartUps],
  exports: [ReadingsService, SamplesService, ArchivedStartUps],
})
export class StartUpsModule {}
