import type {
  ChangeOrderLineRequest,
  NewOrderLine,
  OrdersView,
  PlaceOrderLinesRequest,
  TakeOrderSheetRequest,
} from '@grevik/contracts';
import { InvalidInput, valveSaid } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../database/work-context.js';
import { currentCompanyId } from '../company/company-scope.js';
import { Position } from '../positions/position.model.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { OrderLocks, refuseStale, refuseUnlessDraft } from './order-locks.service.js';
import { ReadOrders } from './read-orders.js';

/** Every change answers with the job's orders as they are then: one look shows it all. */
@Injectable()
export class OrdersService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly locks: OrderLocks,
    private readonly reading: ReadOrders,
  ) {}

  /** Puts lines with those that wait for a price: all of them, or none. A line whose id is there already is not ordered again. */
  add(jobId: string, lines: readonly NewOrderLine[]): Promise<OrdersView> {
    return inTransaction(this.sequelize, async () => {
      await this.locks.job(jobId);
      await this.refuseStrangers(jobId, lines);
      const waiting = await this.draftOf(jobId, null);
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
        },
      );
      await this.locks.raise(waiting);
      return this.reading.of(jobId);
    });
  }

  change(id: string, { version, text, spec, quantity, note }: ChangeOrderLineRequest): Promise<OrdersView> {
    return inTransaction(this.sequelize, async () => {
      const { line, order } = await this.locks.line(id);
      refuseStale(line, version);
      refuseUnlessDraft(order);
      await line.update({
        text: text.trim(),
        spec: spec ?? null,
        quantity,
        note: note.trim(),
        version: version + 1,
      });
      await this.locks.raise(order);
      return this.reading.of(order.jobId);
    });
  }

  /** Takes lines off; those that are gone already are gone. */
  remove(jobId: string, ids: readonly string[]): Promise<OrdersView> {
    return inTransaction(this.sequelize, async () => {
      await this.locks.job(jobId);
      for (const order of await this.ordersWith(jobId, ids)) {
        refuseUnlessDraft(order);
        await this.lines.destroy({ where: { id: [...ids], orderId: order.id } });
        await this.locks.raise(order);
      }
      await this.dropEmptyDrafts(jobId);
      return this.reading.of(jobId);
    });
  }

  /** Gives lines to a supplier at a price: they go on the draft for that supplier. */
  place(jobId: string, { supplier, lines }: PlaceOrderLinesRequest): Promise<OrdersView> {
    return inTransaction(this.sequelize, async () => {
      await this.locks.job(jobId);
      const draft = await this.draftOf(jobId, supplier.trim());
      const held = await this.locks.draftLines(
        jobId,
        lines.map(({ id }) => id),
      );
      const touched = new Set([draft]);
      for (const { id, version, unitPrice, leadDays, text, spec } of lines) {
        const { line, order } = held(id, version);
        if (order.id !== draft.id) touched.add(order);
        await line.update({
          orderId: draft.id,
          version: version + 1,
          unitPrice: unitPrice === undefined ? null : String(unitPrice),
          leadDays: leadDays ?? null,
          ...(text !== undefined && { text: text.trim(), spec: spec ?? null }),
        });
      }
      for (const order of touched) await this.locks.raise(order);
      await this.dropEmptyDrafts(jobId);
      return this.reading.of(jobId);
    });
  }

  /** Takes the changes of a sheet that came back: all of them, or none. */
  takeSheet(jobId: string, { changes }: TakeOrderSheetRequest): Promise<OrdersView> {
    return inTransaction(this.sequelize, async () => {
      await this.locks.job(jobId);
      const held = await this.locks.draftLines(
        jobId,
        changes.map(({ id }) => id),
      );
      const touched = new Set<Order>();
      for (const { id, version, ...change } of changes) {
        const { line, order } = held(id, version);
        touched.add(order);
        await line.update({
          ...change,
          ...(change.text !== undefined && { spec: valveSaid(change.text) ?? null }),
          version: version + 1,
        });
      }
      for (const order of touched) await this.locks.raise(order);
      return this.reading.of(jobId);
    });
  }

  /** A line is for positions of its own job. */
  private async refuseStrangers(jobId: string, lines: readonly NewOrderLine[]): Promise<void> {
    const wanted = new Set(lines.flatMap(({ positions = [] }) => positions));
    if (wanted.size === 0) return;
    const known = await this.positions.findAll({
      where: { jobId, id: [...wanted] },
      attributes: ['id'],
    });
    const ids = new Set(known.map(({ id }) => id));
    const stranger = [...wanted].find((id) => !ids.has(id));
    if (stranger !== undefined)
      throw new InvalidInput('positions', `positions names ${stranger}, which is no position of this job.`);
  }

  private async draftOf(jobId: string, supplier: string | null): Promise<Order> {
    const where = { jobId, supplier, state: 'draft' };
    return (await this.orders.findOne({ where })) ?? this.orders.create(where);
  }

  private async ordersWith(jobId: string, lineIds: readonly string[]): Promise<Order[]> {
    const lines = await this.lines.findAll({
      where: { id: [...lineIds] },
      attributes: ['orderId'],
    });
    return this.orders.findAll({
      where: { jobId, id: [...new Set(lines.map(({ orderId }) => orderId))] },
      lock: true,
    });
  }

  private async dropEmptyDrafts(jobId: string): Promise<void> {
    const drafts = await this.orders.findAll({
      where: { jobId, state: 'draft' },
      attributes: ['id'],
    });
    const filled = await this.lines.findAll({
      where: { orderId: drafts.map(({ id }) => id) },
      attributes: ['orderId'],
      group: ['orderId'],
    });
    await this.orders.destroy({
      where: {
        id: { [Op.in]: drafts.map(({ id }) => id), [Op.notIn]: filled.map(({ orderId }) => orderId) },
      },
    });
  }
}
