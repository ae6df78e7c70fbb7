import type { BoardView } from '@grevik/contracts';
import { ORDER_STATES } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import type { JsonText } from '../../ground/requests/sent.js';
import { jobNotFound } from '../jobs/job-not-found.js';

/**
 * A job at a glance, written as JSON by the database: thousands of positions are never objects here. Found by the indexes over company and job,
 * company and line, company and order.
 */
const BOARD = `
  WITH ordered AS MATERIALIZED (
    SELECT p.id, max(array_position(ARRAY[:states], o.state)) AS state
    FROM orders o JOIN order_lines l ON l.company_id = o.company_id AND l.order_id = o.id, unnest(l.positions) AS p (id)
    WHERE o.company_id = :companyId AND o.job_id = :jobId
    GROUP BY 1
  )
  SELECT json_build_object(
    'id', j.id,
    'name', j.name,
    'archivedAt', to_char(j.archived_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
    'lines', coalesce((
      SELECT json_agg(json_build_object('id', l.id, 'name', l.name, 'medium', l.medium, 'positions', coalesce((
        SELECT json_agg(json_build_object('id', p.id, 'tag', p.tag, 'remarks', p.remarks, 'function', p.duty->'function',
          'dn', p.duty->'dn', 'pickedType', m.type, 'condition', p.condition,
          'ordered', (ARRAY[:states])[ordered.state],
          'isHandedOver', EXISTS (SELECT 1 FROM hand_overs h WHERE h.company_id = p.company_id AND h.line_id = p.line_id)) ORDER BY p.place_on_line)
        FROM positions p
          LEFT JOIN picks k ON k.company_id = p.company_id AND k.position_id = p.id
          LEFT JOIN catalogue_models m ON m.company_id = k.company_id AND m.id = k.model_id
          LEFT JOIN ordered ON ordered.id = p.id
        WHERE p.company_id = l.company_id AND p.line_id = l.id
      ), '[]')) ORDER BY l.place_in_job)
      FROM lines l WHERE l.company_id = j.company_id AND l.job_id = j.id
    ), '[]'),
    'orders', coalesce((
      SELECT json_agg(json_build_object('id', o.id, 'supplier', o.supplier, 'state', o.state,
        'lines', (SELECT count(*) FROM order_lines l WHERE l.company_id = o.company_id AND l.order_id = o.id),
        'leadDays', (SELECT max(lead_days) FROM order_lines l WHERE l.company_id = o.company_id AND l.order_id = o.id))
        ORDER BY o.created_at)
      FROM orders o WHERE o.company_id = j.company_id AND o.job_id = j.id
    ), '[]')
  )::text AS board
  FROM jobs j WHERE j.company_id = :companyId AND j.id = :jobId`;

/** Reads the board of a job. */
@Injectable()
export class BoardService {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  async of(jobId: string): Promise<JsonText<BoardView>> {
    const [row] = await this.sequelize.query<{ board: JsonText<BoardView> }>(BOARD, {
      type: QueryTypes.SELECT,
      replacements: { jobId, companyId: currentCompanyId(), states: [...ORDER_STATES] },
    });
    if (!row) throw jobNotFound();
    return row.board;
  }
}
