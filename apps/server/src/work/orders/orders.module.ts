import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Job } from '../jobs/job.model.js';
import { Position } from '../positions/position.model.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { OrderLinesController, OrderStatesController, OrdersController } from './orders.controller.js';
import { OrderLocks } from './order-locks.service.js';
import { OrderDrafts } from './order-drafts.service.js';
import { OrderUndo } from './order-undo.service.js';
import { OrderProgress } from './order-progress.service.js';
import { OrdersService } from './orders.service.js';
import { Quotation } from './quotation.model.js';
import { QuotationsService } from './quotations.service.js';
import { ReadOrders } from './read-orders.js';
import { Receipt } from './receipt.model.js';
import { SupplierDesk } from './supplier-desk.js';
import { ArchivedOrders } from './archived-orders.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Order, OrderLine, Receipt, Quotation, Job, Position])],
  controllers: [OrdersController, OrderStatesController, OrderLinesController],
  providers: [
    OrderLocks,
    OrderDrafts,
    OrderUndo,
    OrdersService,
    OrderProgress,
    QuotationsService,
    ReadOrders,
    SupplierDesk,
    ArchivedOrders,
  ],
  exports: [OrdersService, ReadOrders, ArchivedOrders],
})
export class OrdersModule {}
