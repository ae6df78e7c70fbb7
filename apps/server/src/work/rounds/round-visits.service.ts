import type { VisitView } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../../ground/database/company-rows.js';
import { idsOrNone } from '../due/kept-positions.js';

/** How far a round is. */
export interface RoundProgress {
  done: number;
  notDone: number;
}

interface VisitRow extends Omit<VisitView, 'happenedAt'> {
  positionId: string;
  happenedAt: Date;
}

/** What was done on rounds, from the entries. */
@Injectable()
export class RoundVisits {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  /** By round: its positions that were done, and those somebody came to and could not do. The last visit to each counts, and none at a copy of the job that an archive brought. */
  async progress(): Promise<ReadonlyMap<string, RoundProgress>> {
    const rows = await companyRows<RoundProgress & { roundId: string }>(
      this.sequelize,
      `SELECT "roundId", count(*) FILTER (WHERE "isDone")::int AS done, count(*) FILTER (WHERE NOT "isDone")::int AS "notDone"
       FROM (
         SELECT DISTINCT ON (r.id, e.position_id) r.id AS "roundId", jsonb_array_length(e.visit->'done') > 0 AS "isDone"
         FROM entries e JOIN rounds r ON r.company_id = e.company_id AND r.id::text = e.visit->>'roundId'
         WHERE e.company_id = :companyId AND e.visit->>'roundId' IS NOT NULL
           AND r.stops @> jsonb_build_array(jsonb_build_object('positionId', e.position_id))
         ORDER BY r.id, e.position_id, e.happened_at DESC, e.received_at DESC
       ) visited GROUP BY 1`,
    );
    return new Map(rows.map(({ roundId, ...progress }) => [roundId, progress]));
  }

  /** The last visit of a round to each of its positions. */
  async ofRound(roundId: string): Promise<ReadonlyMap<string, VisitView>> {
    return lastOfEach(
      await companyRows<VisitRow>(
        this.sequelize,
        `${VISITS} AND e.visit->>'roundId' = :roundId ${NEWEST_FIRST}`,
        {
          roundId,
        },
      ),
    );
  }

  /** The last visit to each position that was not of this round. */
  async before(roundId: string, positionIds: readonly string[]): Promise<ReadonlyMap<string, VisitView>> {
    return lastOfEach(
      await companyRows<VisitRow>(
        this.sequelize,
        `${VISITS} AND e.position_id = ANY(ARRAY[:ids]::uuid[]) AND e.visit->>'roundId' IS DISTINCT FROM :roundId ${NEWEST_FIRST}`,
        { roundId, ids: idsOrNone(positionIds) },
      ),
    );
  }
}

const VISITS = `
  SELECT DISTINCT ON (e.position_id) e.position_id AS "positionId", e.id, e.happened_at AS "happenedAt",
    coalesce(b.name, e.signed_as, '') AS by, e.text, e.visit
  FROM entries e LEFT JOIN people b ON b.company_id = e.company_id AND b.id = e.person_id
  WHERE e.company_id = :companyId AND e.visit IS NOT NULL`;
const NEWEST_FIRST = 'ORDER BY e.position_id, e.happened_at DESC, e.received_at DESC';

const lastOfEach = (rows: readonly VisitRow[]): Map<string, VisitView> =>
  new Map(
    rows.map(({ positionId, happenedAt, ...visit }) => [
      positionId,
      { ...visit, happenedAt: happenedAt.toISOString() },
    ]),
  );
