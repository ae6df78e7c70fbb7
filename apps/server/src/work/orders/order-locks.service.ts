import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Refusal } from '../../ground/errors/refusal.js';
import { Job } from '../jobs/job.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { Receipt } from './receipt.model.js';

/** What is changed is held until the transaction ends, and looked at again behind the lock. */
@Injectable()
export class OrderLocks {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
  ) {}

  /** One who changes a job's orders at a time; the others wait. */
  async job(jobId: string): Promise<void> {
    if (!(await this.jobs.findByPk(jobId, { lock: true }))) throw jobNotFound();
  }

  /**
   * Lines of a job whose orders are held, found together: thousands are placed at once. What is asked of it is one that has not been sent, in the
   * version that was seen; a line asked for a second time has moved on.
   */
  async draftLines(
    jobId: string,
    ids: readonly string[],
  ): Promise<(id: string, version: number) => { line: OrderLine; order: Order }> {
    const orders = await this.orders.findAll({
      where: { jobId },
      lock: true,
    });
    const orderOf = new Map(orders.map((order) => [order.id, order]));
    const lines = await this.lines.findAll({ where: { id: [...ids] } });
    const lineOf = new Map(lines.map((line) => [line.id, line]));
    return (id, version) => {
      const line = lineOf.get(id);
      const order = line && orderOf.get(line.orderId);
      if (!line || !order) throw noLine();
      refuseStale(line, version);
      refuseUnlessDraft(order);
      return { line, order };
    };
  }

  async line(id: string): Promise<{ line: OrderLine; order: Order }> {
    const found = await this.lines.findOne({ where: { id } });
    if (!found) throw noLine();
    const order = await this.orders.findOne({
      where: { id: found.orderId },
      lock: true,
    });
    // Read again behind the lock: somebody may have changed it until then.
    const line = await this.lines.findOne({ where: { id }, include: [Receipt] });
    if (!line || !order) throw noLine();
    return { line, order };
  }

  async order(id: string): Promise<Order> {
    const order = await this.orders.findOne({ where: { id }, lock: true });
    if (!order) throw noOrder();
    return order;
  }

  /** Says that an order is not any more what it was. */
  raise(order: Order): Promise<unknown> {
    return order.update({ version: order.version + 1 });
  }
}

const noLine = (): NotFoundException =>
  new NotFoundException('This order line was not found. Open the orders again.');
const noOrder = (): NotFoundException =>
  new NotFoundException('This order was not found. Open the orders again.');
export const staleOrder = (): Refusal =>
  new Refusal(409, {
    code: 'stale',
    message: 'Somebody changed this order in the meantime. Reload it.',
  });

export function refuseStale(line: OrderLine, version: number): void {
  if (line.version !== version)
    throw new Refusal(409, {
      code: 'stale',
      message: `Somebody changed “${line.text.slice(0, 60)}” in the meantime. Reload it.`,
    });
}

export function refuseUnlessDraft({ state }: Order): void {
  if (state !== 'draft')
    throw new Refusal(409, {
      code: 'conflict',
      field: 'state',
      message: `This order is ${state}: withdraw it before it is changed.`,
    });
}
