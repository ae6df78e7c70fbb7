import { randomUUID } from 'node:crypto';
import type { ArchivedOrder, ArchivedQuotation, JobArchive } from '@grevik/contracts';
import { InvalidInput, type ValveSpec, castingAgainstOrder } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { OrderLine } from '../orders/order-line.model.js';
import { Order } from '../orders/order.model.js';
import { Quotation } from '../orders/quotation.model.js';
import { Receipt } from '../orders/receipt.model.js';
import { Person } from '../people/person.model.js';

/** A job's orders out to an archive, and back. Lines get new ids where they come in: one job may come twice. */
@Injectable()
export class ArchiveOrders {
  constructor(
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    @InjectModel(Receipt) private readonly receipts: typeof Receipt,
    @InjectModel(Quotation) private readonly quotations: typeof Quotation,
  ) {}

  async write(
    jobId: string,
    tagOf: ReadonlyMap<string, string>,
  ): Promise<Pick<JobArchive, 'orders' | 'quotations'>> {
    const [orders, quotations] = await Promise.all([
      this.orders.findAll({
        where: { jobId },
        include: [{ model: OrderLine, include: [{ model: Receipt, include: [Person] }] }],
        order: [
          ['createdAt', 'ASC'],
          ['lines', 'place', 'ASC'],
          ['lines', 'receipts', 'receivedAt', 'ASC'],
        ],
      }),
      this.quotations.findAll({ where: { jobId }, include: [Person], order: [['askedAt', 'ASC']] }),
    ]);
    // By where they stand: the same job is written down the same, whatever its lines' ids are here.
    const keyOf = new Map(
      orders.flatMap(({ lines }, at) =>
        lines.map(({ id }, index) => [id, `${at + 1}.${index + 1}`] as const),
      ),
    );
    return {
      ...(orders.length > 0 && { orders: orders.map((order) => archivedOrder(order, tagOf, keyOf)) }),
      ...(quotations.length > 0 && {
        quotations: quotations.map((quotation) => archivedQuotation(quotation, keyOf)),
      }),
    };
  }

  async take(
    jobId: string,
    { orders = [], quotations = [] }: JobArchive,
    idOf: ReadonlyMap<string, string>,
  ): Promise<void> {
    const newIds = new Map(orders.flatMap(({ lines }) => lines.map(({ id }) => [id, randomUUID()] as const)));
    for (const [at, { supplier, state, lines }] of orders.entries()) {
      const order = await this.orders.create(
        // In the order they stand, for whoever writes it down again.
        { jobId, supplier: supplier ?? null, state, createdAt: new Date(Date.now() + at) },
      );
      for (const { id, spec, positions, unitPrice, leadDays, receipts, ...line } of lines) {
        const lineId = newIds.get(id);
        await this.lines.create({
          ...line,
          id: lineId,
          orderId: order.id,
          spec: spec ?? null,
          positions: positions.flatMap((tag) => idOf.get(tag) ?? []),
          unitPrice: unitPrice === undefined ? null : String(unitPrice),
          leadDays: leadDays ?? null,
        });
        await this.receipts.bulkCreate(
          receipts.map(({ by, receivedAt, ...receipt }) => ({
            ...receipt,
            id: randomUUID(),
            orderLineId: lineId,
            checked:
              spec && receipt.casting !== '' ? castingAgainstOrder(spec as ValveSpec, receipt.casting) : null,
            receivedAt: new Date(receivedAt),
            signedAs: by,
          })),
        );
      }
    }
    await this.quotations.bulkCreate(
      quotations.map(({ lines, answer, problem, askedAt, by, ...asked }) => ({
        ...asked,
        jobId,
        lines: lines.flatMap((id) => newIds.get(id) ?? []),
        answer: answer
          ? {
              ...answer,
              lines: answer.lines.map((said) => ({ ...said, line: newIds.get(said.line) ?? said.line })),
            }
          : null,
        problem: problem ?? null,
        askedAt: new Date(askedAt),
        signedAs: by,
      })),
    );
  }
}

function archivedOrder(
  { supplier, state, lines }: Order,
  tagOf: ReadonlyMap<string, string>,
  keyOf: ReadonlyMap<string, string>,
): ArchivedOrder {
  return {
    ...(supplier !== null && { supplier }),
    state,
    lines: lines.map(({ id, text, spec, quantity, positions, note, unitPrice, leadDays, receipts }) => ({
      id: keyOf.get(id) ?? id,
      text,
      ...(spec && { spec }),
      quantity,
      positions: positions.flatMap((position) => tagOf.get(position) ?? []),
      note,
      ...(unitPrice !== null && { unitPrice: Number(unitPrice) }),
      ...(leadDays !== null && { leadDays }),
      receipts: receipts.map(
        ({ quantity: came, casting, accepted, note: said, receivedAt, person, signedAs }) => ({
          quantity: came,
          casting,
          accepted,
          note: said,
          receivedAt: receivedAt.toISOString(),
          by: person?.name ?? signedAs ?? '',
        }),
      ),
    })),
  };
}

/** Of lines that were taken off since, nothing is left to say. */
function archivedQuotation(
  { supplier, state, lines, answer, problem, askedAt, person, signedAs }: Quotation,
  keyOf: ReadonlyMap<string, string>,
): ArchivedQuotation {
  return {
    supplier,
    state,
    lines: lines.flatMap((id) => keyOf.get(id) ?? []),
    ...(answer && {
      answer: {
        ...answer,
        lines: answer.lines.flatMap((said) => {
          const line = keyOf.get(said.line);
          return line === undefined ? [] : [{ ...said, line }];
        }),
      },
    }),
    ...(problem !== null && { problem }),
    askedAt: askedAt.toISOString(),
    by: person?.name ?? signedAs ?? '',
  };
}

/** What each field alone can not tell: a line named twice, an order sent to nobody, more come than was ordered, a tag no line has. */
export function refuseOddOrders({ orders = [], lines }: JobArchive): void {
  const tags = new Set(lines.flatMap(({ positions }) => positions.map(({ tag }) => tag)));
  const ids = new Set<string>();
  const drafts = new Set<string>();
  orders.forEach(({ supplier, state, lines: ordered }, at) => {
    const field = `orders[${at}]`;
    if (supplier === undefined && state !== 'draft')
      throw new InvalidInput(
        `${field}.supplier`,
        `${field}.supplier is missing: an order that is ${state} has one.`,
      );
    if (state === 'draft' && drafts.has(supplier ?? ''))
      throw new InvalidInput(`${field}.state`, `${field} is a second draft for one supplier.`);
    if (state === 'draft') drafts.add(supplier ?? '');
    ordered.forEach(({ id, positions, quantity, receipts }, index) => {
      const line = `${field}.lines[${index}]`;
      if (ids.has(id)) throw new InvalidInput(`${line}.id`, `${line}.id is “${id}”, which is there already.`);
      ids.add(id);
      const stranger = positions.find((tag) => !tags.has(tag));
      if (stranger !== undefined)
        throw new InvalidInput(
          `${line}.positions`,
          `${line}.positions names ${stranger}, which no line has.`,
        );
      const came = receipts
        .filter(({ accepted }) => accepted)
        .reduce((sum, receipt) => sum + receipt.quantity, 0);
      if (came > quantity)
        throw new InvalidInput(
          `${line}.receipts`,
          `${line}.receipts come to ${came}, and ${quantity} were ordered.`,
        );
    });
  });
}
