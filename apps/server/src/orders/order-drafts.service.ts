import type { NewOrderLine } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId } from '../company/company-scope.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { OrderLocks, refuseUnlessDraft } from './order-locks.service.js';
import { type KeptLine, keptLine } from './kept-line.js';

/** Orders that have not been sent: one a supplier, and one for lines that wait for a price. The job is held by whoever calls. */
@Injectable()
export class OrderDrafts {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    private readonly locks: OrderLocks,
  ) {}

  /** The draft for a supplier, or for nobody yet; made where there is none. */
  async of(jobId: string, supplier: string | null): Promise<Order> {
    const where = { jobId, supplier, state: 'draft' };
    return (await this.orders.findOne({ where })) ?? this.orders.create(where);
  }

  /**
   * Puts lines on the draft for a supplier, or for nobody yet: the job is held, the draft made where there is none and thousands of lines put on
   * it in one statement, so that the next who waits for the job waits no longer than that.
   *
   * @returns the draft, and the ids of the lines that were not there already; undefined where there is no such job
   */
  async insert(
    jobId: string,
    supplier: string | null,
    lines: readonly (NewOrderLine & Partial<Pick<KeptLine, 'unitPrice' | 'leadDays' | 'version'>>)[],
  ): Promise<{ draftId: string; added: string[] } | undefined> {
    const [row] = await this.sequelize.query<{ draftId: string | null; added: string[] }>(
      `WITH job AS (SELECT id FROM jobs WHERE company_id = :companyId AND id = :jobId FOR UPDATE),
       draft AS (
         INSERT INTO orders (id, company_id, job_id, supplier) SELECT gen_random_uuid(), :companyId, id, :supplier FROM job
         ON CONFLICT (company_id, job_id, coalesce(supplier, '')) WHERE state = 'draft' DO UPDATE SET supplier = orders.supplier
         RETURNING id
       ),
       added AS (INSERT INTO order_lines (id, company_id, order_id, text, spec, quantity, positions, note, unit_price, lead_days, version)
       SELECT line.id, :companyId, draft.id, trim(text), spec, quantity, coalesce(positions, '{}'), trim(coalesce(note, '')),
         unit_price, lead_days, coalesce(version, 0)
       FROM jsonb_to_recordset(:lines::jsonb)
         AS line (id uuid, text text, spec jsonb, quantity integer, positions uuid[], note text, unit_price numeric,
                  lead_days integer, version integer), draft
       ON CONFLICT DO NOTHING RETURNING id)
       SELECT (SELECT id FROM draft) AS "draftId", coalesce((SELECT array_agg(id) FROM added), '{}') AS added`,
      {
        type: QueryTypes.SELECT,
        replacements: {
          companyId: currentCompanyId(),
          jobId,
          supplier,
          lines: JSON.stringify(
            lines.map(({ unitPrice, leadDays, ...line }) => ({
              ...line,
              unit_price: unitPrice,
              lead_days: leadDays,
            })),
          ),
        },
      },
    );
    return row?.draftId == null ? undefined : { draftId: row.draftId, added: row.added };
  }

  /** Takes lines off the drafts they are on; what was taken, as it was. */
  async remove(jobId: string, ids: readonly string[]): Promise<KeptLine[]> {
    const lines = await this.lines.findAll({ where: { id: [...ids] }, order: [['place', 'ASC']] });
    const orders = await this.orders.findAll({
      where: { jobId, id: [...new Set(lines.map(({ orderId }) => orderId))] },
      lock: true,
    });
    const removed: KeptLine[] = [];
    for (const order of orders) {
      refuseUnlessDraft(order);
      const own = lines.filter(({ orderId }) => orderId === order.id);
      await this.lines.destroy({ where: { id: own.map(({ id }) => id), orderId: order.id } });
      await this.locks.raise(order);
      removed.push(...own.map((line) => keptLine(line, order.supplier)));
    }
    await this.dropEmpty(jobId);
    return removed;
  }

  async dropEmpty(jobId: string): Promise<void> {
    const drafts = await this.orders.findAll({ where: { jobId, state: 'draft' }, attributes: ['id'] });
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
