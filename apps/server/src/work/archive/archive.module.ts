import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModelRow } from '../../firm/catalogue/catalogue-model.model.js';
import { CatalogueModule } from '../../firm/catalogue/catalogue.module.js';
import { Entry } from '../entries/entry.model.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { OrderLine } from '../orders/order-line.model.js';
import { Order } from '../orders/order.model.js';
import { Quotation } from '../orders/quotation.model.js';
import { Receipt } from '../orders/receipt.model.js';
import { Person } from '../../firm/people/person.model.js';
import { Photo } from '../photos/photo.model.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { PositionsModule } from '../positions/positions.module.js';
import { Walk } from '../walks/walk.model.js';
import { ArchiveOrders } from './archive-orders.js';
import { ArchiveController } from './archive.controller.js';
import { CoordinatesService } from './coordinates.service.js';
import { ExportJob } from './export-job.js';
import { ImportJob } from './import-job.js';

@Module({
  imports: [
    SequelizeModule.forFeature([
      Job,
      Line,
      Walk,
      Position,
      Pick,
      Entry,
      Photo,
      Person,
      CatalogueModelRow,
      Order,
      OrderLine,
      Receipt,
      Quotation,
    ]),
    CatalogueModule,
    PositionsModule,
  ],
  controllers: [ArchiveController],
  providers: [ArchiveOrders, ExportJob, ImportJob, CoordinatesService],
})
export class ArchiveModule {}
