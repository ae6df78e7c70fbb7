import { randomUUID } from 'node:crypto';
import type { NewOrderLine } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId, currentPersonId } from '../../ground/database/company-scope.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { OrderLocks, refuseUnlessDraft } from './order-locks.service.js';
import { type KeptLine, keptLine } from './kept-line.js';

/** The version of a draft goes up with its first line that was not there already; `what` of the log is as `linesSaid` says it. */
const INSERT = `
  WITH job AS (SELECT id FROM jobs WHERE company_id = :companyId AND id = :jobId FOR UPDATE),
  given AS (
    SELECT * FROM ROWS FROM (jsonb_to_recordset(:lines::jsonb)
      AS (id uuid, text text, spec jsonb, quantity integer, positions uuid[], note text, unit_price numeric, lead_days integer, version integer))
      WITH ORDINALITY AS line (id, text, spec, quantity, positions, note, unit_price, lead_days, version, place)
  ),
  draft AS (
    INSERT INTO orders (id, company_id, job_id, supplier, version) SELECT gen_random_uuid(), :companyId, id, :supplier, 1 FROM job
    ON CONFLICT (company_id, job_id, coalesce(supplier, '')) WHERE state = 'draft' DO UPDATE SET version = orders.version
      + CASE WHEN EXISTS (SELECT FROM given WHERE NOT EXISTS (SELECT FROM order_lines l WHERE l.id = given.id)) THEN 1 ELSE 0 END
    RETURNING id
  ),
  added AS (
    INSERT INTO order_lines (id, company_id, order_id, text, spec, quantity, positions, note, unit_price, lead_days, version)
    SELECT given.id, :companyId, draft.id, trim(text), spec, quantity, coalesce(positions, '{}'), trim(coalesce(note, '')),
      unit_price, lead_days, coalesce(version, 0)
    FROM given, draft ORDER BY given.place
    ON CONFLICT DO NOTHING RETURNING id, text, place
  ),
  logged AS (
    INSERT INTO changes (id, company_id, job_id, kind, what, after, person_id)
    SELECT :changeId, :companyId, :jobId, 'order-add',
      left((array_agg(text ORDER BY place))[1], 80) || CASE WHEN count(*) > 1 THEN ' and ' || count(*) - 1 || ' more' ELSE '' END,
      jsonb_build_object('ids', jsonb_agg(id ORDER BY place)), :personId
    FROM added HAVING count(*) > 0 AND :isLogged
  )
  SELECT EXISTS (SELECT FROM job) AS "isThere", coalesce((SELECT array_agg(id) FROM added), '{}') AS added`;

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
   * Puts lines on the draft for a supplier, or for nobody yet, with its change in the log where that is asked for: one
   * statement, whole or not at all. The job is held no longer than that, so that many can add to it at once.
   *
   * @param isLogged whether the log of changes is told that lines were added, in the same statement
   * @returns the ids of the lines that were not there already; undefined where there is no such job
   */
  async insert(
    jobId: string,
    supplier: string | null,
    lines: readonly (NewOrderLine & Partial<Pick<KeptLine, 'unitPrice' | 'leadDays' | 'version'>>)[],
    isLogged: boolean,
  ): Promise<string[] | undefined> {
    const [row] = await this.sequelize.query<{ isThere: boolean; added: string[] }>(INSERT, {
      type: QueryTypes.SELECT,
      replacements: {
        companyId: currentCompanyId(),
        personId: isLogged ? currentPersonId() : null,
        changeId: randomUUID(),
        jobId,
        supplier,
        isLogged,
        lines: JSON.stringify(
          lines.map(({ unitPrice, leadDays, ...line }) => ({
            ...line,
            unit_price: unitPrice,
            lead_days: leadDays,
          })),
        ),
      },
    });
    return row?.isThere ? row.added : undefined;
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
