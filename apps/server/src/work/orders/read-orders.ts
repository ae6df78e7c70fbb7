import type { OrdersView } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import { signedBy } from '../../firm/people/signature.js';
import type { JsonText } from '../../ground/requests/sent.js';
import { SharedReads } from './shared-reads.js';
import type { OrderLine } from './order-line.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';

const LATEST = 20;

const MOMENT = `'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'`;
const moment = (column: string): string => `to_char(${column} AT TIME ZONE 'UTC', ${MOMENT})`;

/**
 * A job's orders as the interface sees them, written as JSON by the database: thousands of lines are never objects here. Found by the indexes
 * over company and job, company and order, company and line. After a minute without an answer a quote request is given up, whichever server
 * was to wait for it.
 */
const ORDERS = `
  WITH came AS MATERIALIZED (
    SELECT s.order_line_id, sum(s.quantity) FILTER (WHERE s.accepted) AS received,
      json_agg(json_build_object('id', s.id, 'quantity', s.quantity, 'casting', s.casting, 'check', s.checked,
        'accepted', s.accepted, 'note', s.note, 'at', ${moment('s.received_at')}, 'by', ${signedBy('s')}) ORDER BY s.received_at) AS receipts
    FROM orders o JOIN order_lines l ON l.company_id = o.company_id AND l.order_id = o.id
      JOIN receipts s ON s.company_id = l.company_id AND s.order_line_id = l.id
      LEFT JOIN people p ON p.company_id = s.company_id AND p.id = s.person_id
      LEFT JOIN people i ON i.company_id = s.company_id AND i.id = s.imported_by
    WHERE o.company_id = :companyId AND o.job_id = :jobId
    GROUP BY 1
  )
  SELECT json_build_object(
    'job', j.name,
    'currency', c.currency,
    'orders', coalesce((
      SELECT json_agg(json_build_object('id', o.id, 'version', o.version, 'supplier', o.supplier, 'state', o.state,
        'lines', coalesce((
          SELECT json_agg(json_build_object('id', l.id, 'version', l.version, 'text', l.text, 'spec', l.spec, 'quantity', l.quantity,
            'positions', CASE WHEN l.positions = '{}' THEN '[]' ELSE coalesce((
              SELECT json_agg(json_build_object('id', t.id, 'tag', t.tag) ORDER BY u.place)
              FROM unnest(l.positions) WITH ORDINALITY u (id, place) JOIN positions t ON t.company_id = j.company_id AND t.id = u.id AND t.job_id = j.id
            ), '[]') END,
            'note', l.note, 'unitPrice', l.unit_price, 'leadDays', l.lead_days,
            'received', coalesce(r.received, 0), 'receipts', coalesce(r.receipts, '[]')) ORDER BY l.place)
          FROM order_lines l LEFT JOIN came r ON r.order_line_id = l.id
          WHERE l.company_id = o.company_id AND l.order_id = o.id
        ), '[]')) ORDER BY o.created_at)
      FROM orders o WHERE o.company_id = j.company_id AND o.job_id = j.id
    ), '[]'),
    'quotations', coalesce((
      SELECT json_agg(json_build_object('id', q.id, 'supplier', q.supplier,
        'state', CASE WHEN q.lost THEN 'failed' ELSE q.state END,
        'askedAt', ${moment('q.asked_at')}, 'askedBy', ${signedBy('q')}, 'lines', q.lines, 'answer', q.answer,
        'problem', CASE WHEN q.lost THEN 'No answer arrived. Request again.' ELSE q.problem END) ORDER BY q.asked_at DESC)
      FROM (
        SELECT *, state = 'asked' AND asked_at < now() - interval '60 s' AS lost FROM quotations
        WHERE company_id = j.company_id AND job_id = j.id ORDER BY asked_at DESC LIMIT :latest
      ) q LEFT JOIN people p ON p.company_id = q.company_id AND p.id = q.person_id
        LEFT JOIN people i ON i.company_id = q.company_id AND i.id = q.imported_by
    ), '[]')
  )::text AS orders, j.name
  FROM jobs j JOIN companies c ON c.id = j.company_id
  WHERE j.company_id = :companyId AND j.id = :jobId`;

interface Named {
  orders: JsonText<OrdersView>;
  name: string;
}

/** Reads a job's orders. */
@Injectable()
export class ReadOrders {
  private readonly reads = new SharedReads<Named | undefined>();

  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  async of(jobId: string): Promise<JsonText<OrdersView>> {
    return (await this.named(jobId)).orders;
  }

  /** With the job's name. Many who change a job's orders at once are answered from one reading. */
  async named(jobId: string): Promise<Named> {
    const companyId = currentCompanyId();
    const row = await this.reads.read(`${companyId} ${jobId}`, async () => {
      const [found] = await this.sequelize.query<Named>(ORDERS, {
        type: QueryTypes.SELECT,
        replacements: { jobId, companyId, latest: LATEST },
      });
      return found;
    });
    if (!row) throw jobNotFound();
    return row;
  }
}

/** What has come and stays. */
export const receivedOf = ({ receipts }: Pick<OrderLine, 'receipts'>): number =>
  receipts.filter(({ accepted }) => accepted).reduce((sum, { quantity }) => sum + quantity, 0);
