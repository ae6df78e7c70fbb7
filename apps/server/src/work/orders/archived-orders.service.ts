import { randomUUID } from 'node:crypto';
import type { ArchivedOrder, ArchivedQuotation, JobArchive } from '@grevik/contracts';
import { type ValveSpec, castingAgainstOrder } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { Quotation } from './quotation.model.js';
import { Receipt } from './receipt.model.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { SIGNERS, signedName } from '../../firm/people/signature.js';

/** A job's orders out to an archive, and back. Lines get new ids where they come in: one job may come twice. */
@Injectable()
export class ArchivedOrders {
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
        include: [{ model: OrderLine, include: [{ model: Receipt, include: SIGNERS }] }],
        order: [
          ['createdAt', 'ASC'],
          ['lines', 'place', 'ASC'],
          ['lines', 'receipts', 'receivedAt', 'ASC'],
        ],
      }),
      this.quotations.findAll({ where: { jobId }, include: SIGNERS, order: [['askedAt', 'ASC']] }),
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
    { orders = [], quotations = [] }: Pick<JobArchive, 'orders' | 'quotations'>,
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
            importedBy: currentPersonId(),
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
        importedBy: currentPersonId(),
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
      receipts: receipts.map((receipt) => ({
        quantity: receipt.quantity,
        casting: receipt.casting,
        accepted: receipt.accepted,
        note: receipt.note,
        receivedAt: receipt.receivedAt.toISOString(),
        by: signedName(receipt),
      })),
    })),
  };
}

/** Of lines that were taken off since, nothing is left to say. */
function archivedQuotation(quotation: Quotation, keyOf: ReadonlyMap<string, string>): ArchivedQuotation {
  const { supplier, state, lines, answer, problem, askedAt } = quotation;
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
    by: signedName(quotation),
  };
}
