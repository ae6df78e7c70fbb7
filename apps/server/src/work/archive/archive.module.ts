import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModule } from '../../firm/catalogue/catalogue.module.js';
import { PeopleModule } from '../../firm/people/people.module.js';
import { EntriesModule } from '../entries/entries.module.js';
import { Job } from '../jobs/job.model.js';
import { JobsModule } from '../jobs/jobs.module.js';
import { OrdersModule } from '../orders/orders.module.js';
import { PhotosModule } from '../photos/photos.module.js';
import { Position } from '../positions/position.model.js';
import { PositionsModule } from '../positions/positions.module.js';
import { StartUpsModule } from '../start-ups/start-ups.module.js';
import { WalksModule } from '../walks/walks.module.js';
import { ArchiveController } from './archive.controller.js';
import { BackgroundArchives } from './background-archives.service.js';
import { CoordinatesService } from './coordinates.service.js';
import { ExportJob } from './export-job.js';
import { ImportJob } from './import-job.js';

@Module({
  imports: [
    SequelizeModule.forFeature([Job, Position]),
    CatalogueModule,
    PeopleModule,
    JobsModule,
    PositionsModule,
    WalksModule,
    EntriesModule,
    PhotosModule,
    OrdersModule,
    StartUpsModule,
  ],
  controllers: [ArchiveController],
  providers: [BackgroundArchives, ExportJob, ImportJob, CoordinatesService],
})
export class ArchiveModule {}
