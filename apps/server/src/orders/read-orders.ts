import type { OrderView, OrdersView, QuotationView, ReceiptView } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op, literal } from 'sequelize';
import { CompanyService } from '../company/company.service.js';
import { Job } from '../jobs/job.model.js';
import { Person } from '../people/person.model.js';
import { Position } from '../positions/position.model.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { Quotation } from './quotation.model.js';
import { Receipt } from './receipt.model.js';

/** After this long without an answer a request is given up, whichever server was to wait for it. */
const GIVEN_UP_MS = 60_000;
const LATEST = 20;

/** Reads a job's orders as the interface sees them. */
@Injectable()
export class ReadOrders {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    @InjectModel(Receipt) private readonly receipts: typeof Receipt,
    @InjectModel(Quotation) private readonly quotations: typeof Quotation,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly company: CompanyService,
  ) {}

  async of(jobId: string): Promise<OrdersView> {
    const within = transaction ? { transaction } : {};
    const job = await this.jobs.findByPk(jobId, { attributes: ['id', 'name'] });
    if (!job) throw noJob();
    // One after the other: a transaction has one connection.
    const company = await this.company.current();
    const orders = await this.orders.findAll({ where: { jobId }, order: [['createdAt', 'ASC']] });
    const lines = await this.lines.findAll({
      where: { orderId: orders.map(({ id }) => id) },
      order: [['place', 'ASC']],
      // Thousands of them: plain rows, not objects of a class.
      raw: true,
    });
    const receipts = await this.receipts.findAll({
      // Asked through the orders, so that thousands of lines are not named one by one.
      where: {
        orderLineId: {
          [Op.in]: literal(
            '(SELECT l.id FROM order_lines l JOIN orders o ON o.company_id = l.company_id AND o.id = l.order_id WHERE o.job_id = :jobId)',
          ),
        },
      },
      replacements: { jobId },
      include: [Person],
      order: [['receivedAt', 'ASC']],
    });
    const quotations = await this.quotations.findAll({
      where: { jobId },
      include: [Person],
      order: [['askedAt', 'DESC']],
      limit: LATEST,
    });
    const positions = await this.positions.findAll({
      where: { jobId },
      attributes: ['id', 'tag'],
    });
    const tagOf = new Map(positions.map(({ id, tag }) => [id, tag]));
    const linesOf = grouped(lines, ({ orderId }) => orderId);
    const cameOf = grouped(receipts, ({ orderLineId }) => orderLineId);
    return {
      job: job.name,
      currency: company.currency,
      orders: orders.map((order) => orderView(order, linesOf.get(order.id) ?? [], cameOf, tagOf)),
      quotations: quotations.map(quotationView),
    };
  }
}

export const noJob = (): NotFoundException =>
  new NotFoundException('That job is not here. Open the list of jobs.');

function grouped<T>(rows: readonly T[], keyOf: (row: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}

function orderView(
  { id, version, supplier, state }: Order,
  lines: readonly OrderLine[],
  cameOf: ReadonlyMap<string, Receipt[]>,
  tagOf: ReadonlyMap<string, string>,
): OrderView {
  return {
    id,
    version,
    supplier,
    state,
    lines: lines.map((line) => {
      const receipts = cameOf.get(line.id) ?? [];
      return {
        id: line.id,
        version: line.version,
        text: line.text,
        spec: line.spec,
        quantity: line.quantity,
        positions: line.positions.flatMap((positionId) => {
          const tag = tagOf.get(positionId);
          return tag === undefined ? [] : [{ id: positionId, tag }];
        }),
        note: line.note,
        unitPrice: line.unitPrice === null ? null : Number(line.unitPrice),
        leadDays: line.leadDays,
        received: receivedOf({ receipts }),
        receipts: receipts.map(receiptView),
      };
    }),
  };
}

const receiptView = ({
  id,
  quantity,
  casting,
  checked,
  accepted,
  note,
  receivedAt,
  person,
  signedAs,
}: Receipt): ReceiptView => ({
  id,
  quantity,
  casting,
  check: checked,
  accepted,
  note,
  at: receivedAt.toISOString(),
  by: person?.name ?? signedAs ?? '',
});

/** What has come and stays. */
export const receivedOf = ({ receipts }: Pick<OrderLine, 'receipts'>): number =>
  receipts.filter(({ accepted }) => accepted).reduce((sum, { quantity }) => sum + quantity, 0);

function quotationView({
  id,
  supplier,
  state,
  askedAt,
  lines,
  answer,
  problem,
  person,
  signedAs,
}: Quotation): QuotationView {
  const isLost = state === 'asked' && Date.now() - askedAt.getTime() > GIVEN_UP_MS;
  return {
    id,
    supplier,
    state: isLost ? 'failed' : state,
    askedAt: askedAt.toISOString(),
    askedBy: person?.name ?? signedAs ?? '',
    lines,
    answer,
    problem: isLost ? 'No answer came. Ask again.' : problem,
  };
}
