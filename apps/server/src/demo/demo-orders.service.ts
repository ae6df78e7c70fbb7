import { randomUUID } from 'node:crypto';
import { castingAgainstOrder, valveSaid } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { OrderLine } from '../work/orders/order-line.model.js';
import { Order } from '../work/orders/order.model.js';
import { Receipt } from '../work/orders/receipt.model.js';
import { DEMO_ORDERS } from './demo-data.js';

/** Puts what the demo job has on order, and what has come of it. */
@Injectable()
export class DemoOrders {
  constructor(
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    @InjectModel(Receipt) private readonly receipts: typeof Receipt,
  ) {}

  async add(
    jobId: string,
    positionIds: ReadonlyMap<string, string>,
    people: ReadonlyMap<string, string>,
  ): Promise<void> {
    for (const { supplier, state, lines } of DEMO_ORDERS) {
      const order = await this.orders.create({ jobId, supplier, state });
      for (const { text, tags, unitPrice, receipts = [], ...line } of lines) {
        const spec = valveSaid(text);
        const { id } = await this.lines.create({
          ...line,
          id: randomUUID(),
          orderId: order.id,
          text,
          spec: spec ?? null,
          positions: tags.flatMap((tag) => positionIds.get(tag) ?? []),
          unitPrice: unitPrice === undefined ? null : String(unitPrice),
        });
        await this.receipts.bulkCreate(
          receipts.map(({ by, receivedAt, ...receipt }) => ({
            ...receipt,
            id: randomUUID(),
            orderLineId: id,
            checked: spec ? castingAgainstOrder(spec, receipt.casting) : null,
            receivedAt: new Date(receivedAt),
            personId: people.get(by),
          })),
        );
      }
    }
  }
}
