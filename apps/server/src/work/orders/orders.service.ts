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
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { Position } from '../positions/position.model.js';
import { OrderDrafts } from './order-drafts.service.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Order } from './order.model.js';
import { OrderLocks, refuseStale, refuseUnlessDraft } from './order-locks.service.js';
import { keptLine, lineSaid, linesSaid } from './kept-line.js';
import type { JsonText } from '../../ground/requests/sent.js';
import { ReadOrders } from './read-orders.js';
import { jobNotFound } from '../jobs/job-not-found.js';

/** Every change answers with the job's orders as they are then, read when it is done: nobody waits for another's reading. */
@Injectable()
export class OrdersService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly locks: OrderLocks,
    private readonly drafts: OrderDrafts,
    private readonly log: ChangeLog,
    private readonly reading: ReadOrders,
  ) {}

  /** Puts lines with those that wait for a price: all of them, or none. A line whose id is there already is not ordered again. */
  async add(jobId: string, lines: readonly NewOrderLine[]): Promise<JsonText<OrdersView>> {
    await this.refuseStrangers(jobId, lines);
    if (!(await this.drafts.insert(jobId, null, lines, true))) throw jobNotFound();
    return this.reading.of(jobId);
  }

  async change(
    id: string,
    { version, text, spec, quantity, note }: ChangeOrderLineRequest,
  ): Promise<JsonText<OrdersView>> {
    const jobId = await inTransaction(this.sequelize, async () => {
      const { line, order } = await this.locks.line(id);
      refuseStale(line, version);
      refuseUnlessDraft(order);
      const before = lineSaid(line);
      await line.update({
        text: text.trim(),
        spec: spec ?? null,
        quantity,
        note: note.trim(),
        version: version + 1,
      });
      await this.locks.raise(order);
      await this.log.record({
        kind: 'order-change',
        jobId: order.jobId,
        subjectId: id,
        what: line.text,
        before,
        after: lineSaid(line),
      });
      return order.jobId;
    });
    return this.reading.of(jobId);
  }

  /** Takes lines off; those that are gone already are gone. */
  async remove(jobId: string, ids: readonly string[]): Promise<JsonText<OrdersView>> {
    await inTransaction(this.sequelize, async () => {
      await this.locks.job(jobId);
      const removed = await this.drafts.remove(jobId, ids);
      if (removed.length === 0) return;
      await this.log.record({
        kind: 'order-remove',
        jobId,
        what: linesSaid(removed),
        before: { lines: removed },
        after: null,
      });
    });
    return this.reading.of(jobId);
  }

  /** Gives lines to a supplier at a price: they go on the draft for that supplier. */
  async place(jobId: string, { supplier, lines }: PlaceOrderLinesRequest): Promise<JsonText<OrdersView>> {
    await inTransaction(this.sequelize, async () => {
      await this.locks.job(jobId);
      const draft = await this.drafts.of(jobId, supplier.trim());
      const held = await this.locks.draftLines(
        jobId,
        lines.map(({ id }) => id),
      );
      const touched = new Set([draft]);
      const before = [];
      for (const { id, version, unitPrice, leadDays, text, spec } of lines) {
        const { line, order } = held(id, version);
        before.push(keptLine(line, order.supplier));
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
      await this.drafts.dropEmpty(jobId);
      await this.log.record({
        kind: 'order-place',
        jobId,
        subjectId: draft.id,
        what: supplier.trim(),
        before: { lines: before },
        after: { supplier: supplier.trim(), lines },
      });
    });
    return this.reading.of(jobId);
  }

  /** Takes the changes of a sheet that came back: all of them, or none. */
  async takeSheet(jobId: string, { changes }: TakeOrderSheetRequest): Promise<JsonText<OrdersView>> {
    await inTransaction(this.sequelize, async () => {
      await this.locks.job(jobId);
      const held = await this.locks.draftLines(
        jobId,
        changes.map(({ id }) => id),
      );
      const touched = new Set<Order>();
      const before = [];
      for (const { id, version, ...change } of changes) {
        const { line, order } = held(id, version);
        before.push({ id, ...lineSaid(line) });
        touched.add(order);
        await line.update({
          ...change,
          ...(change.text !== undefined && { spec: valveSaid(change.text) ?? null }),
          version: version + 1,
        });
      }
      for (const order of touched) await this.locks.raise(order);
      await this.log.record({
        kind: 'order-sheet',
        jobId,
        what: `${changes.length} lines`,
        before: { lines: before },
        after: { changes },
      });
    });
    return this.reading.of(jobId);
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
      throw new InvalidInput(
        'positions',
        `positions names ${stranger}, which is not a position of this job.`,
      );
  }
}
