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
   * Puts lines on a draft, thousands in one statement.
   * @returns the ids of those that were not there already, in the order given
   */
  async insert(
    draft: Order,
    lines: readonly (NewOrderLine & Partial<Pick<KeptLine, 'unitPrice' | 'leadDays' | 'version'>>)[],
  ): Promise<string[]> {
    const rows = await this.sequelize.query<{ id: string }>(
      `INSERT INTO order_lines (id, company_id, order_id, text, spec, quantity, positions, note, unit_price, lead_days, version)
       SELECT id, :companyId, :orderId, trim(text), spec, quantity, coalesce(positions, '{}'), trim(coalesce(note, '')),
         unit_price, lead_days, coalesce(version, 0)
       FROM jsonb_to_recordset(:lines::jsonb)
         AS line (id uuid, text text, spec jsonb, quantity integer, positions uuid[], note text, unit_price numeric,
                  lead_days integer, version integer)
       ON CONFLICT DO NOTHING RETURNING id`,
      {
        type: QueryTypes.SELECT,
        replacements: {
          companyId: currentCompanyId(),
          orderId: draft.id,
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
    return rows.map(({ id }) => id);
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
