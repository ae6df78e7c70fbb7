import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModelRow } from '../firm/catalogue/catalogue-model.model.js';
import { CatalogueModule } from '../firm/catalogue/catalogue.module.js';
import { Company } from '../firm/company/company.model.js';
import { Entry } from '../work/entries/entry.model.js';
import { Job } from '../work/jobs/job.model.js';
import { Line } from '../work/lines/line.model.js';
import { OrderLine } from '../work/orders/order-line.model.js';
import { Order } from '../work/orders/order.model.js';
import { Receipt } from '../work/orders/receipt.model.js';
import { Person } from '../firm/people/person.model.js';
import { Pick } from '../work/positions/pick.model.js';
import { Position } from '../work/positions/position.model.js';
import { Walk } from '../work/walks/walk.model.js';
import { Device } from '../work/devices/device.model.js';
import { HandOver } from '../work/start-ups/hand-over.model.js';
import { Reading } from '../work/start-ups/reading.model.js';
import { StartUpEntryRow } from '../work/start-ups/start-up-entry.model.js';
import { StartUpsModule } from '../work/start-ups/start-ups.module.js';
import { DemoStartUps } from './demo-start-ups.service.js';
import { Round } from '../work/rounds/round.model.js';
import { Budget } from '../work/budget/budget.model.js';
import { WetPlace } from '../work/budget/wet-place.model.js';
import { DrillResult } from '../work/drills/drill-result.model.js';
import { SentDrill } from '../work/drills/sent-drill.model.js';
import { DemoDrills } from './demo-drills.service.js';
import { DemoBudget } from './demo-budget.service.js';
import { StationsModule } from '../work/stations/stations.module.js';
import { DemoStation } from './demo-station.service.js';
import { DemoRounds } from './demo-rounds.service.js';
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
      StartUpEntryRow,
      Reading,
      HandOver,
      Device,
      Round,
      Budget,
      WetPlace,
      DrillResult,
      SentDrill,
    ]),
    CatalogueModule,
    StartUpsModule,
    StationsModule,
  ],
  providers: [DemoCompany, DemoOrders, DemoStartUps, DemoRounds, DemoBudget, DemoStation, DemoDrills],
  exports: [DemoCompany],
})
export class DemoModule {}
