import type { SamplesRequest, SamplesView } from '@grevik/contracts';
import { type HoldSample, InvalidInput, checkRisingTimes, samplesOfColumns } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId } from '../../ground/database/company-scope.js';

/** Samples of readings, in and out. */
@Injectable()
export class SamplesService {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  /**
   * Adds samples behind those there are.
   *
   * @throws InvalidInput naming the sample that does not follow, or the column that is shorter
   */
  async add(readingId: string, { timeS, pressurePa, temperatureC }: SamplesRequest): Promise<void> {
    for (const [name, column] of Object.entries({ pressurePa, temperatureC }))
      if (column && column.length !== timeS.length)
        throw new InvalidInput(
          name,
          `${name} has ${column.length} values and timeS ${timeS.length}: send one for each time.`,
        );
    const last = await this.lastTimeS(readingId);
    checkRisingTimes(timeS, (at) => `timeS[${at}]`, last);
    await this.addAll(readingId, { timeS, pressurePa, temperatureC: temperatureC ?? [] });
  }

  /** Stores samples that were checked before; a temperature nobody read is null. */
  async addAll(readingId: string, { timeS, pressurePa, temperatureC }: SamplesView): Promise<void> {
    await this.sequelize.query(
      `INSERT INTO reading_samples (company_id, reading_id, time_s, pressure_pa, temperature_c)
       SELECT :companyId, :readingId, t.time_s, t.pressure_pa, t.temperature_c
       FROM unnest(ARRAY(SELECT jsonb_array_elements_text(:timeS::jsonb)::float8),
                   ARRAY(SELECT jsonb_array_elements_text(:pressurePa::jsonb)::float8),
                   ARRAY(SELECT jsonb_array_elements_text(:temperatureC::jsonb)::float8))
         AS t (time_s, pressure_pa, temperature_c)
       ON CONFLICT DO NOTHING`,
      {
        type: QueryTypes.INSERT,
        replacements: {
          companyId: currentCompanyId(),
          readingId,
          timeS: JSON.stringify(timeS),
          pressurePa: JSON.stringify(pressurePa),
          temperatureC: JSON.stringify(temperatureC),
        },
      },
    );
  }

  /** Samples after a time, column by column. */
  async after(readingId: string, afterS: number): Promise<SamplesView> {
    const [row] = await this.sequelize.query<SamplesView>(
      `SELECT coalesce(array_agg(time_s ORDER BY time_s), '{}') AS "timeS",
              coalesce(array_agg(pressure_pa ORDER BY time_s), '{}') AS "pressurePa",
              coalesce(array_agg(temperature_c ORDER BY time_s), '{}') AS "temperatureC"
       FROM reading_samples WHERE company_id = :companyId AND reading_id = :readingId AND time_s > :afterS`,
      {
        type: QueryTypes.SELECT,
        replacements: { companyId: currentCompanyId(), readingId, afterS },
      },
    );
    return row ?? { timeS: [], pressurePa: [], temperatureC: [] };
  }

  async lastTimeS(readingId: string): Promise<number | undefined> {
    const [row] = await this.sequelize.query<{ last: number | null }>(
      `SELECT max(time_s) AS last FROM reading_samples WHERE company_id = :companyId AND reading_id = :readingId`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), readingId } },
    );
    return row?.last ?? undefined;
  }

  /** All samples of a reading, as they are judged. */
  async of(readingId: string): Promise<HoldSample[]> {
    return samplesOfColumns(await this.after(readingId, -1e12));
  }
}
