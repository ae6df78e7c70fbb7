import type { DeviceSample, SamplesRequest, SamplesView } from '@grevik/contracts';
import { InvalidInput, checkRisingTimes } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId } from '../../ground/database/company-scope.js';

/** What became of a report. */
interface Reported {
  /** The reading that runs on the device; null where none does. */
  readingId: string | null;
  stored: number;
  /** Time to hold, where it is a hold. */
  holdS: number | null;
  /** Time of the last sample that was reported. */
  lastS: number | null;
}

/** Samples of readings, in and out. */
@Injectable()
export class SamplesService {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  /**
   * Adds samples behind those there are; sent again, they are found stored.
   *
   * @throws InvalidInput naming the sample that does not follow, or the column that is shorter
   */
  async add(readingId: string, { timeS, pressurePa, ...others }: SamplesRequest): Promise<void> {
    for (const [name, column] of Object.entries({ pressurePa, ...others }))
      if (column && column.length !== timeS.length)
        throw new InvalidInput(
          name,
          `${name} has ${column.length} values and timeS ${timeS.length}: send one for each time.`,
        );
    const last = await this.lastTimeS(readingId);
    const isBehind = last === undefined || (timeS[0] ?? 0) > last;
    if (!isBehind && (await this.isStored(readingId, { timeS, pressurePa }))) return;
    checkRisingTimes(timeS, (at) => `timeS[${at}]`, last);
    const { temperatureC = [], inletPa = [], flowM3s = [] } = others;
    await this.addAll(readingId, { timeS, pressurePa, temperatureC, inletPa, flowM3s });
  }

  /** Whether just these samples are there already: they were sent, and the answer was lost. */
  private async isStored(
    readingId: string,
    { timeS, pressurePa }: Pick<SamplesRequest, 'timeS' | 'pressurePa'>,
  ): Promise<boolean> {
    const stored = await this.after(readingId, (timeS[0] ?? 0) - 1e-9);
    const place = new Map(stored.timeS.map((time, at) => [time, at]));
    return timeS.every((time, at) => stored.pressurePa[place.get(time) ?? -1] === pressurePa[at]);
  }

  /** Stores samples that were checked before; what nobody read is null. */
  async addAll(readingId: string, columns: SamplesView): Promise<void> {
    await this.sequelize.query(
      `INSERT INTO reading_samples (company_id, reading_id, started_at, time_s, pressure_pa, temperature_c, inlet_pa, flow_m3s)
       SELECT :companyId, r.id, r.started_at, t.*
       FROM (SELECT id, started_at FROM readings WHERE company_id = :companyId AND id = :readingId) r,
            unnest(ARRAY(SELECT jsonb_array_elements_text(:timeS::jsonb)::float8),
                   ARRAY(SELECT jsonb_array_elements_text(:pressurePa::jsonb)::float8),
                   ARRAY(SELECT jsonb_array_elements_text(:temperatureC::jsonb)::float8),
                   ARRAY(SELECT jsonb_array_elements_text(:inletPa::jsonb)::float8),
                   ARRAY(SELECT jsonb_array_elements_text(:flowM3s::jsonb)::float8)) AS t
       ON CONFLICT DO NOTHING`,
      {
        type: QueryTypes.INSERT,
        replacements: {
          companyId: currentCompanyId(),
          readingId,
          timeS: JSON.stringify(columns.timeS),
          pressurePa: JSON.stringify(columns.pressurePa),
          temperatureC: JSON.stringify(columns.temperatureC),
          inletPa: JSON.stringify(columns.inletPa),
          flowM3s: JSON.stringify(columns.flowM3s),
        },
      },
    );
  }

  /**
   * Stores what a device reports, in one statement: its last word, and the samples of the reading that runs on it. A sample that is there already
   * is left as it is, so that a report may be sent again.
   */
  async report(deviceId: string, samples: readonly DeviceSample[]): Promise<Reported> {
    const [row] = await this.sequelize.query<Reported>(
      `WITH device AS (
         UPDATE devices SET last_at = now(), last_sample = :last::jsonb, trouble = NULL
         WHERE company_id = :companyId AND id = :deviceId RETURNING id),
       reading AS (
         SELECT id, started_at, CASE WHEN step = 'hold' THEN (given ->> 'holdS')::float8 END AS hold_s
         FROM readings WHERE company_id = :companyId AND device_id = :deviceId AND ended_at IS NULL FOR UPDATE),
       read AS (
         SELECT r.id, r.started_at, round(extract(epoch FROM s."at" - r.started_at), 3)::float8 AS time_s, s.*
         FROM reading r, jsonb_to_recordset(:samples::jsonb)
           AS s ("at" timestamptz, "pressurePa" float8, "temperatureC" float8, "inletPa" float8, "flowM3s" float8)),
       stored AS (
         INSERT INTO reading_samples (company_id, reading_id, started_at, time_s, pressure_pa, temperature_c, inlet_pa, flow_m3s)
         SELECT :companyId, id, started_at, time_s, "pressurePa", "temperatureC", "inletPa", "flowM3s" FROM read WHERE time_s >= 0
         ON CONFLICT DO NOTHING RETURNING time_s)
       SELECT (SELECT id FROM reading) AS "readingId", (SELECT hold_s FROM reading) AS "holdS",
              (SELECT count(*)::int FROM stored) AS stored, (SELECT max(time_s) FROM read) AS "lastS"
       FROM device`,
      {
        type: QueryTypes.SELECT,
        replacements: {
          companyId: currentCompanyId(),
          deviceId,
          samples: JSON.stringify(samples),
          last: JSON.stringify(samples[samples.length - 1] ?? null),
        },
      },
    );
    return row ?? { readingId: null, stored: 0, holdS: null, lastS: null };
  }

  /** Samples after a time, column by column. */
  async after(readingId: string, afterS: number): Promise<SamplesView> {
    const [row] = await this.sequelize.query<SamplesView>(
      `SELECT coalesce(array_agg(time_s ORDER BY time_s), '{}') AS "timeS",
              coalesce(array_agg(pressure_pa ORDER BY time_s), '{}') AS "pressurePa",
              coalesce(array_agg(temperature_c ORDER BY time_s), '{}') AS "temperatureC",
              coalesce(array_agg(inlet_pa ORDER BY time_s), '{}') AS "inletPa",
              coalesce(array_agg(flow_m3s ORDER BY time_s), '{}') AS "flowM3s"
       FROM reading_samples WHERE company_id = :companyId AND reading_id = :readingId AND time_s > :afterS`,
      {
        type: QueryTypes.SELECT,
        replacements: { companyId: currentCompanyId(), readingId, afterS },
      },
    );
    return row ?? { timeS: [], pressurePa: [], temperatureC: [], inletPa: [], flowM3s: [] };
  }

  async lastTimeS(readingId: string): Promise<number | undefined> {
    const [row] = await this.sequelize.query<{ last: number | null }>(
      `SELECT max(time_s) AS last FROM reading_samples WHERE company_id = :companyId AND reading_id = :readingId`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), readingId } },
    );
    return row?.last ?? undefined;
  }

  /** s from the first sample at a pressure to the last of all; below 0 where it was never reached. */
  async heldS(readingId: string, pressurePa: number): Promise<number> {
    const [row] = await this.sequelize.query<{ heldS: number | null }>(
      `SELECT max(time_s) - min(time_s) FILTER (WHERE pressure_pa >= :pressurePa) AS "heldS"
       FROM reading_samples WHERE company_id = :companyId AND reading_id = :readingId`,
      {
        type: QueryTypes.SELECT,
        replacements: { companyId: currentCompanyId(), readingId, pressurePa },
      },
    );
    return row?.heldS ?? -1;
  }
}
