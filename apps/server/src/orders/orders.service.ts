import type {
  ChangeOrderLineRequest,
  NewOrderLine,
  OrdersView,
  OrderStateRequest,
  PlaceOrderLinesRequest,
  ReceiptRequest,
  TakeOrderSheetRequest,
} from '@grevik/contracts';
import {
  InvalidInput,
  castingAgainstOrder,
  isUnderWay,
  nextStates,
  readOrder,
  stateReceived,
  type ValveSpec,
} from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId, currentPersonId } from '../company/company-scope.js';
import { Refusal } from '../errors/refusal.js';
import { Job } from '../jobs/job.model.js';
import { Position } from '../positions/position.model.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { ReadOrders, noJob, receivedOf } from './read-orders.js';
import { Receipt } from './receipt.model.js';

/** Every change answers with the job's orders as they are then: one look shows it all. */
@Injectable()
export class OrdersService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    @InjectModel(Receipt) private readonly receipts: typeof Receipt,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly reading: ReadOrders,
  ) {}

  /** Puts lines with those that wait for a price: all of them, or none. A line whose id is there already is not ordered again. */
  add(jobId: string, lines: readonly NewOrderLine[]): Promise<OrdersView> {
    return this.sequelize.transaction(async (transaction) => {
      await this.holdJob(jobId, transaction);
      await this.refuseStrangers(jobId, lines, transaction);
      const waiting = await this.draftOf(jobId, null, transaction);
      // One statement for thousands of lines; those whose id is there already stay as they are.
      await this.sequelize.query(
        `INSERT INTO order_lines (id, company_id, order_id, text, spec, quantity, positions, note)
         SELECT id, :companyId, :orderId, trim(text), spec, quantity, coalesce(positions, '{}'), trim(coalesce(note, ''))
         FROM jsonb_to_recordset(:lines::jsonb)
           AS line (id uuid, text text, spec jsonb, quantity integer, positions uuid[], note text)
         ON CONFLICT DO NOTHING`,
        {
          type: QueryTypes.INSERT,
          replacements: {
            companyId: currentCompanyId(),
            orderId: waiting.id,
            lines: JSON.stringify(lines),
          },
          transaction,
        },
      );
      await this.raise(waiting, transaction);
      return this.reading.of(jobId, transaction);
    });
  }

  change(id: string, { version, text, spec, quantity, note }: ChangeOrderLineRequest): Promise<OrdersView> {
    return this.sequelize.transaction(async (transaction) => {
      const { line, order } = await this.heldLine(id, transaction);
      refuseStale(line, version);
      refuseUnlessDraft(order);
      await line.update(
        { text: text.trim(), spec: spec ?? null, quantity, note: note.trim(), version: version + 1 },
        { transaction },
      );
      await this.raise(order, transaction);
      return this.reading.of(order.jobId, transaction);
    });
  }

  /** Takes lines off; those that are gone already are gone. */
  remove(jobId: string, ids: readonly string[]): Promise<OrdersView> {
    return this.sequelize.transaction(async (transaction) => {
      await this.holdJob(jobId, transaction);
      for (const order of await this.ordersWith(jobId, ids, transaction)) {
        refuseUnlessDraft(order);
        await this.lines.destroy({ where: { id: [...ids], orderId: order.id }, transaction });
        await this.raise(order, transaction);
      }
      await this.dropEmptyDrafts(jobId, transaction);
      return this.reading.of(jobId, transaction);
    });
  }

  /** Gives lines to a supplier at a price: they go on the draft for that supplier. */
  place(jobId: string, { supplier, lines }: PlaceOrderLinesRequest): Promise<OrdersView> {
    return this.sequelize.transaction(async (transaction) => {
      await this.holdJob(jobId, transaction);
      const draft = await this.draftOf(jobId, supplier.trim(), transaction);
      for (const { id, version, unitPrice, leadDays, text, spec } of lines) {
        const { line, order } = await this.heldLine(id, transaction);
        if (order.jobId !== jobId) throw noLine();
        refuseStale(line, version);
        refuseUnlessDraft(order);
        await line.update(
          {
            orderId: draft.id,
            version: version + 1,
            unitPrice: unitPrice === undefined ? null : String(unitPrice),
            leadDays: leadDays ?? null,
            ...(text !== undefined && { text: text.trim(), spec: spec ?? null }),
          },
          { transaction },
        );
        if (order.id !== draft.id) await this.raise(order, transaction);
      }
      await this.raise(draft, transaction);
      await this.dropEmptyDrafts(jobId, transaction);
      return this.reading.of(jobId, transaction);
    });
  }

  setState(id: string, { version, state }: OrderStateRequest): Promise<OrdersView> {
    return this.sequelize.transaction(async (transaction) => {
      const order = await this.orders.findOne({ where: { id }, transaction, lock: transaction.LOCK.UPDATE });
      if (!order) throw noOrder();
      if (order.version !== version) throw staleOrder();
      if (!nextStates(order.state).includes(state))
        throw new InvalidInput(
          'state',
          `state is ${state}: an order that is ${order.state} can become ${nextStates(order.state).join(' or ') || 'nothing by hand'}.`,
        );
      if (order.supplier === null)
        throw new InvalidInput('state', 'These lines have no supplier yet: place them first.');
      if (state === 'draft') await this.intoDraft(order, transaction);
      else await order.update({ state, version: version + 1 }, { transaction });
      return this.reading.of(order.jobId, transaction);
    });
  }

  /** What came of a line, checked by its casting. What differs counts only where it was kept all the same. */
  receive(lineId: string, { id, quantity, casting, accepted, note }: ReceiptRequest): Promise<OrdersView> {
    return this.sequelize.transaction(async (transaction) => {
      const { line, order } = await this.heldLine(lineId, transaction);
      const before = await this.receipts.findOne({ where: { id }, transaction });
      if (before) {
        if (
          before.orderLineId !== lineId ||
          before.quantity !== quantity ||
          before.casting !== casting.trim()
        )
          throw new Refusal(409, {
            code: 'conflict',
            field: 'id',
            message: `There is another receipt with the id ${id}. What came is never changed: write a new one.`,
          });
        return this.reading.of(order.jobId, transaction);
      }
      if (!isUnderWay(order.state))
        throw new Refusal(409, {
          code: 'conflict',
          field: 'state',
          message: `This order is ${order.state}: only what has been sent can come.`,
        });
      const left = line.quantity - receivedOf(line);
      if (accepted && quantity > left)
        throw new InvalidInput(
          'quantity',
          `quantity is ${quantity}, and ${left} of ${line.quantity} are still to come.`,
        );
      const said = casting.trim();
      await this.receipts.create(
        {
          id,
          orderLineId: lineId,
          quantity,
          casting: said,
          checked: said === '' || line.spec === null ? null : castingAgainstOrder(line.spec, said),
          accepted,
          note: note.trim(),
          personId: currentPersonId(),
        },
        { transaction },
      );
      const lines = await this.lines.findAll({
        where: { orderId: order.id },
        include: [Receipt],
        transaction,
      });
      const counted = lines.map((one) => ({ quantity: one.quantity, received: receivedOf(one) }));
      await order.update(
        { state: stateReceived(order.state, counted), version: order.version + 1 },
        { transaction },
      );
      return this.reading.of(order.jobId, transaction);
    });
  }

  /** Takes the changes of a sheet that came back: all of them, or none. */
  takeSheet(jobId: string, { changes }: TakeOrderSheetRequest): Promise<OrdersView> {
    return this.sequelize.transaction(async (transaction) => {
      await this.holdJob(jobId, transaction);
      const touched = new Map<string, Order>();
      for (const { id, version, ...change } of changes) {
        const { line, order } = await this.heldLine(id, transaction);
        if (order.jobId !== jobId) throw noLine();
        refuseStale(line, version);
        refuseUnlessDraft(order);
        await line.update(
          {
            ...change,
            ...(change.text !== undefined && { spec: specSaid(change.text) }),
            version: version + 1,
          },
          { transaction },
        );
        touched.set(order.id, order);
      }
      for (const order of touched.values()) await this.raise(order, transaction);
      return this.reading.of(jobId, transaction);
    });
  }

  /** One who changes a job's orders at a time; the others wait. */
  private async holdJob(jobId: string, transaction: Transaction): Promise<void> {
    if (!(await this.jobs.findByPk(jobId, { transaction, lock: transaction.LOCK.UPDATE }))) throw noJob();
  }

  /** A line is for positions of its own job. */
  private async refuseStrangers(
    jobId: string,
    lines: readonly NewOrderLine[],
    transaction: Transaction,
  ): Promise<void> {
    const wanted = new Set(lines.flatMap(({ positions = [] }) => positions));
    if (wanted.size === 0) return;
    const known = await this.positions.findAll({
      where: { jobId, id: [...wanted] },
      attributes: ['id'],
      transaction,
    });
    const ids = new Set(known.map(({ id }) => id));
    const stranger = [...wanted].find((id) => !ids.has(id));
    if (stranger !== undefined)
      throw new InvalidInput('positions', `positions names ${stranger}, which is no position of this job.`);
  }

  private async draftOf(jobId: string, supplier: string | null, transaction: Transaction): Promise<Order> {
    const where = { jobId, supplier, state: 'draft' };
    return (await this.orders.findOne({ where, transaction })) ?? this.orders.create(where, { transaction });
  }

  /** An order that is taken back joins the draft its supplier may have by now. */
  private async intoDraft(order: Order, transaction: Transaction): Promise<void> {
    const draft = await this.orders.findOne({
      where: { jobId: order.jobId, supplier: order.supplier, state: 'draft' },
      transaction,
    });
    if (!draft)
      return void (await order.update({ state: 'draft', version: order.version + 1 }, { transaction }));
    await this.lines.update({ orderId: draft.id }, { where: { orderId: order.id }, transaction });
    await this.raise(draft, transaction);
    await order.destroy({ transaction });
  }

  private async heldLine(id: string, transaction: Transaction): Promise<{ line: OrderLine; order: Order }> {
    const found = await this.lines.findOne({ where: { id }, transaction });
    if (!found) throw noLine();
    const order = await this.orders.findOne({
      where: { id: found.orderId },
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    // Read again behind the lock: somebody may have changed it until then.
    const line = await this.lines.findOne({ where: { id }, include: [Receipt], transaction });
    if (!line || !order) throw noLine();
    return { line, order };
  }

  private async ordersWith(
    jobId: string,
    lineIds: readonly string[],
    transaction: Transaction,
  ): Promise<Order[]> {
    const lines = await this.lines.findAll({
      where: { id: [...lineIds] },
      attributes: ['orderId'],
      transaction,
    });
    return this.orders.findAll({
      where: { jobId, id: [...new Set(lines.map(({ orderId }) => orderId))] },
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
  }

  private raise(order: Order, transaction: Transaction): Promise<unknown> {
    return order.update({ version: order.version + 1 }, { transaction });
  }

  private async dropEmptyDrafts(jobId: string, transaction: Transaction): Promise<void> {
    const drafts = await this.orders.findAll({
      where: { jobId, state: 'draft' },
      attributes: ['id'],
      transaction,
    });
    const filled = await this.lines.findAll({
      where: { orderId: drafts.map(({ id }) => id) },
      attributes: ['orderId'],
      group: ['orderId'],
      transaction,
    });
    await this.orders.destroy({
      where: {
        id: { [Op.in]: drafts.map(({ id }) => id), [Op.notIn]: filled.map(({ orderId }) => orderId) },
      },
      transaction,
    });
  }
}

/** What a line that was said another way means, where it says a valve. */
function specSaid(text: string): ValveSpec | null {
  const { spec } = readOrder(text);
  return spec.type === undefined && spec.family === undefined ? null : spec;
}

const noLine = (): NotFoundException =>
  new NotFoundException('That line is not on an order here. Open the orders again.');
const noOrder = (): NotFoundException =>
  new NotFoundException('That order is not here. Open the orders again.');
const staleOrder = (): Refusal =>
  new Refusal(409, {
    code: 'stale',
    message: 'Somebody changed this order meanwhile. Look at it as it is now.',
  });

function refuseStale(line: OrderLine, version: number): void {
  if (line.version !== version)
    throw new Refusal(409, {
      code: 'stale',
      message: `Somebody changed “${line.text.slice(0, 60)}” meanwhile. Look at it as it is now.`,
    });
}

function refuseUnlessDraft({ state }: Order): void {
  if (state !== 'draft')
    throw new Refusal(409, {
      code: 'conflict',
      field: 'state',
      message: `This order is ${state}: withdraw it before it is changed.`,
    });
}
