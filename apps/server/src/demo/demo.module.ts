import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModelRow } from '../catalogue/catalogue-model.model.js';
import { CatalogueModule } from '../catalogue/catalogue.module.js';
import { Company } from '../company/company.model.js';
import { Entry } from '../entries/entry.model.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { OrderLine } from '../orders/order-line.model.js';
import { Order } from '../orders/order.model.js';
import { Receipt } from '../orders/receipt.model.js';
import { Person } from '../people/person.model.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { Walk } from '../walks/walk.model.js';
import { DemoOrders } from './demo-orders.service.js';
import { DemoCompany } from './demo-company.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([
      Company,
      Job,
      Line,
      Position,
      Pick,
      CatalogueModelRow,
      Entry,
      Walk,
      Person,
      Order,
      OrderLine,
      Receipt,
    ]),
    CatalogueModule,
  ],
  providers: [DemoCompany, DemoOrders],
  exports: [DemoCompany],
})
export class DemoModule {}
