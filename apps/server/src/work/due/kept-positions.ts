import type {
  CatalogueModel,
  Condition,
  KeptEntry,
  KeptPosition,
  Medium,
  PositionDuty,
  ValveType,
} from '@grevik/core';
import type { Sequelize } from 'sequelize';
import { companyRows } from '../../ground/database/company-rows.js';

/** A position with all that decides what is due there, and where it is found. */
export interface LocatedPosition extends KeptPosition {
  id: string;
  tag: string;
  remarks: string;
  jobId: string;
  jobName: string;
  lineId: string;
  lineName: string;
  duty: PositionDuty;
  /** Where its line stands in its job, and it on its line. */
  line: number;
  place: number;
  coordinates: [number, number] | null;
}

interface Row extends Omit<LocatedPosition, 'coordinates' | 'entries' | 'handedOverAt' | 'model'> {
  medium: Medium;
  condition: Condition;
  type: ValveType | null;
  details: Pick<CatalogueModel, 'operator' | 'pieces'> | null;
  handedOverAt: Date | null;
  entries: KeptEntry[] | null;
  longitude: number | null;
  latitude: number | null;
}

const NOBODY = '00000000-0000-0000-0000-000000000000';

/** An empty list is no list to PostgreSQL. */
export const idsOrNone = (ids: readonly string[]): string[] => (ids.length > 0 ? [...ids] : [NOBODY]);

/** Positions with their picks, hand-overs and the entries that count, in no order. By the primary key. */
export async function readKeptPositions(
  sequelize: Sequelize,
  ids: readonly string[],
): Promise<LocatedPosition[]> {
  const rows = await companyRows<Row>(sequelize, POSITIONS, { ids: idsOrNone(ids) });
  return rows.map(({ type, details, handedOverAt, entries, longitude, latitude, ...row }) => ({
    ...row,
    entries: entries ?? [],
    coordinates: longitude === null || latitude === null ? null : [longitude, latitude],
    ...(type !== null && { model: { type, operator: details?.operator, pieces: details?.pieces } }),
    ...(handedOverAt !== null && { handedOverAt: handedOverAt.toISOString() }),
  }));
}

const POSITIONS = `
  SELECT p.id, p.tag, p.remarks, p.job_id AS "jobId", j.name AS "jobName", p.line_id AS "lineId", l.name AS "lineName", l.medium,
    l.place_in_job AS line, p.place_on_line AS place, p.duty, p.condition, p.longitude, p.latitude,
    m.type, m.details, h.at AS "handedOverAt", e.entries
  FROM positions p
    JOIN jobs j ON j.company_id = p.company_id AND j.id = p.job_id
    JOIN lines l ON l.company_id = p.company_id AND l.id = p.line_id
    LEFT JOIN picks k ON k.company_id = p.company_id AND k.position_id = p.id
    LEFT JOIN catalogue_models m ON m.company_id = k.company_id AND m.id = k.model_id
    LEFT JOIN hand_overs h ON h.company_id = p.company_id AND h.line_id = p.line_id
    LEFT JOIN LATERAL (
      SELECT jsonb_agg(jsonb_build_object('kind', kind,
        'happenedAt', to_char(happened_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
        'visit', CASE WHEN visit IS NOT NULL THEN jsonb_build_object('done', visit->'done') END)) AS entries
      FROM entries
      WHERE company_id = p.company_id AND position_id = p.id AND kind IN ('visit', 'turned', 'replaced')
    ) e ON true
  WHERE p.company_id = :companyId AND p.id = ANY(ARRAY[:ids]::uuid[])`;
