import type { OrderView, OrdersView, QuotationView } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
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
    @InjectModel(Quotation) private readonly quotations: typeof Quotation,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly company: CompanyService,
  ) {}

  async of(jobId: string, transaction?: Transaction): Promise<OrdersView> {
    const within = transaction ? { transaction } : {};
    const job = await this.jobs.findByPk(jobId, { attributes: ['id', 'name'], ...within });
    if (!job) throw noJob();
    // One after the other: a transaction has one connection.
    const company = await this.company.current();
    const orders = await this.orders.findAll({
      where: { jobId },
      include: [{ model: OrderLine, include: [{ model: Receipt, include: [Person] }] }],
      order: [
        ['createdAt', 'ASC'],
        ['lines', 'place', 'ASC'],
        ['lines', 'receipts', 'receivedAt', 'ASC'],
      ],
      ...within,
    });
    const quotations = await this.quotations.findAll({
      where: { jobId },
      include: [Person],
      order: [['askedAt', 'DESC']],
      limit: LATEST,
      ...within,
    });
    const positions = await this.positions.findAll({
      where: { jobId },
      attributes: ['id', 'tag'],
      ...within,
    });
    const tagOf = new Map(positions.map(({ id, tag }) => [id, tag]));
    return {
      job: job.name,
      currency: company.currency,
      orders: orders.map((order) => orderView(order, tagOf)),
      quotations: quotations.map(quotationView),
    };
  }
}

export const noJob = (): NotFoundException =>
  new NotFoundException('That job is not here. Open the list of jobs.');

function orderView(
  { id, version, supplier, state, lines }: Order,
  tagOf: ReadonlyMap<string, string>,
): OrderView {
  return {
    id,
    version,
    supplier,
    state,
    lines: lines.map((line) => ({
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
      received: receivedOf(line),
      receipts: line.receipts.map(
        ({ id: receiptId, quantity, casting, checked, accepted, note, receivedAt, person, signedAs }) => ({
          id: receiptId,
          quantity,
          casting,
          check: checked,
          accepted,
          note,
          at: receivedAt.toISOString(),
          by: person?.name ?? signedAs ?? '',
        }),
      ),
    })),
  };
}

/** What has come and stays. */
export const receivedOf = ({ receipts }: OrderLine): number =>
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
