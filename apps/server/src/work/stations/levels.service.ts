import type { LevelSample, LevelsQuery, LevelsStretch } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId } from '../../ground/database/company-scope.js';

/** A stretch of the log and its columns, as PostgreSQL puts them together. */
const COLUMNS = `coalesce(array_agg(extract(epoch FROM at)::float8 ORDER BY at), '{}') AS "timeS",
  coalesce(array_agg(level_m ORDER BY at), '{}') AS "levelM", coalesce(array_agg(pump_on ORDER BY at), '{}') AS "pumpOn"`;
/** Points of a stretch that does not say how many. */
const MOST = 1000;
const NOTHING: LevelsStretch = { timeS: [], levelM: [], pumpOn: [] };
const WHERE = 'company_id = :companyId AND position_id = :positionId AND at BETWEEN :from AND :to';

/** Levels of wells over time, in and out. */
@Injectable()
export class LevelsService {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  /** Stores levels; those that are there already stay as they are. @returns how many were new */
  async add(positionId: string, levels: readonly LevelSample[]): Promise<number> {
    const [row] = await this.sequelize.query<{ stored: number }>(
      `WITH stored AS (
         INSERT INTO level_samples (company_id, position_id, at, level_m, pump_on)
         SELECT :companyId, :positionId, l."at", l."levelM", l."pumpOn"
         FROM jsonb_to_recordset(:levels::jsonb) AS l ("at" timestamptz, "levelM" float8, "pumpOn" boolean)
         ON CONFLICT DO NOTHING RETURNING at)
       SELECT count(*)::int AS stored FROM stored`,
      {
        type: QueryTypes.SELECT,
        replacements: { companyId: currentCompanyId(), positionId, levels: JSON.stringify(levels) },
      },
    );
    return row?.stored ?? 0;
  }

  /** The first level of all; undefined where there is none. */
  first(positionId: string): Promise<LevelSample | undefined> {
    return this.outermost(positionId, 'ASC');
  }

  /** The latest level. */
  last(positionId: string): Promise<LevelSample | undefined> {
    return this.outermost(positionId, 'DESC');
  }

  private async outermost(positionId: string, order: 'ASC' | 'DESC'): Promise<LevelSample | undefined> {
    const [row] = await this.sequelize.query<{ at: Date; levelM: number; pumpOn: boolean }>(
      `SELECT at, level_m AS "levelM", pump_on AS "pumpOn" FROM level_samples
       WHERE company_id = :companyId AND position_id = :positionId ORDER BY at ${order} LIMIT 1`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), positionId } },
    );
    return row && { ...row, at: row.at.toISOString() };
  }

  /** Every level between two moments. */
  async between(positionId: string, from: Date, to: Date): Promise<LevelsStretch> {
    const [row] = await this.sequelize.query<LevelsStretch>(
      `SELECT ${COLUMNS} FROM level_samples WHERE ${WHERE}`,
      {
        type: QueryTypes.SELECT,
        replacements: { companyId: currentCompanyId(), positionId, from, to },
      },
    );
    return row ?? NOTHING;
  }

  /** The same, no more points than asked for: of each part of it the lowest level, at its beginning, and the highest, in its middle, so that no spike is lost. */
  async thinned(positionId: string, { from, to, most = MOST }: LevelsQuery): Promise<LevelsStretch> {
    const [first, last] = [await this.first(positionId), await this.last(positionId)];
    if (!first || !last) return NOTHING;
    const [begin, end] = [new Date(from ?? first.at), new Date(to ?? last.at)];
    if (end < begin)
      throw new InvalidInput(
        'to',
        `to is ${end.toISOString()}, before from ${begin.toISOString()}: give a later moment.`,
      );
    const replacements = {
      companyId: currentCompanyId(),
      positionId,
      from: begin,
      to: end,
      most,
      parts: Math.floor(most / 2),
      fromS: begin.getTime() / 1000,
      toS: end.getTime() / 1000,
    };
    const [{ isLong } = { isLong: false }] = await this.sequelize.query<{ isLong: boolean }>(
      `SELECT count(*) > :most AS "isLong" FROM (SELECT 1 FROM level_samples WHERE ${WHERE} LIMIT :most + 1) AS beginning`,
      { type: QueryTypes.SELECT, replacements },
    );
    if (!isLong) return this.between(positionId, begin, end);
    const [row] = await this.sequelize.query<LevelsStretch>(
      `WITH parts AS (
         SELECT width_bucket(extract(epoch FROM at)::float8, :fromS, :toS + 1, :parts) AS part,
                min(at) AS first, max(at) AS last, min(level_m) AS low, max(level_m) AS high, bool_or(pump_on) AS pump
         FROM level_samples WHERE ${WHERE} GROUP BY 1),
       extremes AS (
         SELECT first AS at, low AS level_m, pump AS pump_on FROM parts
         UNION ALL SELECT first + (last - first) / 2, high, pump FROM parts WHERE high > low)
       SELECT ${COLUMNS} FROM extremes`,
      { type: QueryTypes.SELECT, replacements },
    );
    return row ?? NOTHING;
  }
}
