import type { OrdersView, OrderStateRequest, ReceiptRequest } from '@grevik/contracts';
import { InvalidInput, castingAgainstOrder, isUnderWay, nextStates, stateReceived } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { OrderLine } from './order-line.model.js';
import { OrderLocks, staleOrder } from './order-locks.service.js';
import { Order } from './order.model.js';
import type { JsonText } from '../../ground/requests/sent.js';
import { ReadOrders, receivedOf } from './read-orders.js';
import { Receipt } from './receipt.model.js';

/** An order once it is placed: sent, confirmed, withdrawn, and what comes of it. */
@Injectable()
export class OrderProgress {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    @InjectModel(Receipt) private readonly receipts: typeof Receipt,
    private readonly locks: OrderLocks,
    private readonly log: ChangeLog,
    private readonly reading: ReadOrders,
  ) {}

  async setState(id: string, { version, state }: OrderStateRequest): Promise<JsonText<OrdersView>> {
    const jobId = await inTransaction(this.sequelize, async () => {
      const order = await this.locks.order(id);
      if (order.version !== version) throw staleOrder();
      if (!nextStates(order.state).includes(state))
        throw new InvalidInput(
          'state',
          `state is ${state}: an order that is ${order.state} can become ${nextStates(order.state).join(' or ') || 'nothing by hand'}.`,
        );
      if (order.supplier === null)
        throw new InvalidInput('state', 'These lines have no supplier yet: place them first.');
      await this.log.record({
        kind: 'order-state',
        jobId: order.jobId,
        subjectId: order.id,
        what: order.supplier,
        before: order.state,
        after: state,
      });
      if (state === 'draft') await this.intoDraft(order);
      else await order.update({ state, version: version + 1 });
      return order.jobId;
    });
    return this.reading.of(jobId);
  }

  /** What came of a line, checked by its casting. What differs counts only where it was kept all the same. */
  async receive(
    lineId: string,
    { id, quantity, casting, accepted, note }: ReceiptRequest,
  ): Promise<JsonText<OrdersView>> {
    const jobId = await inTransaction(this.sequelize, async () => {
      const { line, order } = await this.locks.line(lineId);
      const before = await this.receipts.findOne({ where: { id } });
      if (before) {
        if (
          before.orderLineId !== lineId ||
          before.quantity !== quantity ||
          before.casting !== casting.trim()
        )
          throw new Refusal(409, {
            code: 'conflict',
            field: 'id',
            message: `There is another receipt with the id ${id}. A receipt cannot be changed: add a new one.`,
          });
        return order.jobId;
      }
      if (!isUnderWay(order.state))
        throw new Refusal(409, {
          code: 'conflict',
          field: 'state',
          message: `This order is ${order.state}: only a sent order can be received.`,
        });
      const left = line.quantity - receivedOf(line);
      if (accepted && quantity > left)
        throw new InvalidInput(
          'quantity',
          `quantity is ${quantity}, and ${left} of ${line.quantity} are not received yet.`,
        );
      const said = casting.trim();
      await this.receipts.create({
        id,
        orderLineId: lineId,
        quantity,
        casting: said,
        checked: said === '' || line.spec === null ? null : castingAgainstOrder(line.spec, said),
        accepted,
        note: note.trim(),
        personId: currentPersonId(),
      });
      const lines = await this.lines.findAll({
        where: { orderId: order.id },
        include: [Receipt],
      });
      const counted = lines.map((one) => ({ quantity: one.quantity, received: receivedOf(one) }));
      await order.update({ state: stateReceived(order.state, counted), version: order.version + 1 });
      await this.log.record({
        kind: 'receipt',
        jobId: order.jobId,
        subjectId: lineId,
        what: line.text,
        before: null,
        after: { id, quantity, casting: said, accepted },
      });
      return order.jobId;
    });
    return this.reading.of(jobId);
  }

  /** An order that is taken back joins the draft its supplier may have by now. */
  private async intoDraft(order: Order): Promise<void> {
    const draft = await this.orders.findOne({
      where: { jobId: order.jobId, supplier: order.supplier, state: 'draft' },
    });
    if (!draft) return void (await order.update({ state: 'draft', version: order.version + 1 }));
    await this.lines.update({ orderId: draft.id }, { where: { orderId: order.id } });
    await this.locks.raise(draft);
    await order.destroy();
  }
}
