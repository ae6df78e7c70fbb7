import type { Condition, LifeEvent, Medium, PositionDuty, ValveType, Wets } from '@grevik/core';
import type { Sequelize } from 'sequelize';
import { companyRows } from '../../ground/database/company-rows.js';

/** A position with all that a budget asks of it. */
export interface ServedRow {
  id: string;
  tag: string;
  remarks: string;
  jobId: string;
  jobName: string;
  lineId: string;
  lineName: string;
  medium: Medium;
  duty: PositionDuty;
  condition: Condition;
  type: ValveType | null;
  modelId: string | null;
  handedOverAt: string | null;
  wets: Wets | null;
  events: LifeEvent[] | null;
}

/** A position as the walk of its line sees it. */
export type WalkedRow = Pick<ServedRow, 'id' | 'jobId' | 'lineId' | 'duty' | 'condition'>;

/** The positions of a line. */
export const readWalkedRows = (sequelize: Sequelize, lineId: string): Promise<WalkedRow[]> =>
  companyRows<WalkedRow>(
    sequelize,
    `SELECT id, job_id AS "jobId", line_id AS "lineId", duty, condition FROM positions
     WHERE company_id = :companyId AND line_id = :lineId ORDER BY place_on_line`,
    { lineId },
  );

/** Which positions are read: all, those of a job, one, or those that tell how long a valve lasted. */
export type ServedWhere = 'all' | { jobId: string } | { positionId: string } | 'lives';

/** Positions of the company's jobs that are not archived, in the order of their lines. */
export const readServedRows = (sequelize: Sequelize, where: ServedWhere): Promise<ServedRow[]> =>
  typeof where === 'string'
    ? companyRows<ServedRow>(sequelize, served(WHERE[where]))
    : companyRows<ServedRow>(sequelize, served(WHERE[keyOf(where)]), { ...where });

const keyOf = (where: object): keyof typeof WHERE => Object.keys(where)[0] as keyof typeof WHERE;

const WHERE = {
  all: 'true',
  jobId: 'p.job_id = :jobId',
  positionId: 'p.id = :positionId',
  // How old a valve is tells only where it is known when it was put in.
  lives: `p.id IN (
    SELECT o.position_id FROM entries o WHERE o.company_id = :companyId AND o.kind = 'replaced'
    UNION SELECT q.id FROM hand_overs g JOIN positions q ON q.company_id = g.company_id AND q.line_id = g.line_id
      JOIN picks i ON i.company_id = q.company_id AND i.position_id = q.id
      WHERE g.company_id = :companyId)`,
} as const;

const served = (where: string): string => `
  SELECT p.id, p.tag, p.remarks, p.job_id AS "jobId", j.name AS "jobName", p.line_id AS "lineId", l.name AS "lineName", l.medium,
    p.duty, p.condition, m.type, m.id AS "modelId", w.wets, e.events,
    to_char(h.at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "handedOverAt"
  FROM (
      -- Few of many are chosen first: what is joined to each costs most.
      SELECT * FROM positions p WHERE p.company_id = :companyId AND ${where} OFFSET 0
    ) p
    JOIN jobs j ON j.company_id = p.company_id AND j.id = p.job_id AND j.archived_at IS NULL
    JOIN lines l ON l.company_id = p.company_id AND l.id = p.line_id
    LEFT JOIN picks k ON k.company_id = p.company_id AND k.position_id = p.id
    LEFT JOIN catalogue_models m ON m.company_id = k.company_id AND m.id = k.model_id
    LEFT JOIN hand_overs h ON h.company_id = p.company_id AND h.line_id = p.line_id
    LEFT JOIN wet_places w ON w.company_id = p.company_id AND w.position_id = p.id
    LEFT JOIN LATERAL (
      SELECT jsonb_agg(jsonb_strip_nulls(jsonb_build_object(
        'at', to_char(happened_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
        'type', found_type,
        'replaced', CASE WHEN kind = 'replaced' THEN true END,
        'fails', CASE WHEN turning = 'seized' OR holding IN ('passes', 'leaks-by') THEN true END,
        'works', CASE WHEN kind = 'turned' OR turning IN ('freely', 'stiff') THEN true END))) AS events
      FROM (
        SELECT kind, happened_at, NULLIF(found->>'type', 'nothing') AS found_type, coalesce(found->>'turning', visit->>'turning') AS turning,
          coalesce(found->>'holding', visit->>'holding') AS holding
        FROM entries
        WHERE company_id = p.company_id AND position_id = p.id AND kind IN ('found', 'visit', 'turned', 'replaced')
      ) seen
    ) e ON true
  ORDER BY j.name, l.place_in_job, p.place_on_line`;
