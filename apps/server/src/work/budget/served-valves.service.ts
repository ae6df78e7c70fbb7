import type { LifeBasisView, ModelView, ServedValveView } from '@grevik/contracts';
import {
  type LifeSeen,
  type ValveOutage,
  type ValveType,
  learnedByType,
  mustNotWait,
  priceEach,
  standsSince,
  valveFailure,
  walkBeside,
  yearsBetween,
  yearsUnturned,
} from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueService } from '../../firm/catalogue/catalogue.service.js';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import { KeptBriefly } from '../../ground/database/kept-briefly.js';
import { apartFromTransaction } from '../../ground/database/work-context.js';
import { workedOut } from '../../ground/database/worked-out.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';
import { JobHouseRules } from '../jobs/job-house-rules.service.js';
import { Walk } from '../walks/walk.model.js';
import { type OutageLine, outagesOf } from './line-outages.js';
import { type ValveHere, livesOf, valveHere, waterOf } from './lives-of.js';
import { type ServedRow, type WalkedRow, readServedRows, readWalkedRows } from './served-rows.js';

const MOST_MS = 20_000;
/** How old what the company's valves taught may be where one position is looked at, and how long an old answer waits for a new one, ms. */
const LIVES_MS = 10_000;
const LIVES_WAIT_MS = 50;

/** The valves in service with what a budget asks of them, and how long the company's valves lasted. */
@Injectable()
export class ServedValves {
  private readonly late = new KeptBriefly<LifeSeen[]>({ freshMs: LIVES_MS, waitMs: LIVES_WAIT_MS });

  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Walk) private readonly walks: typeof Walk,
    private readonly catalogue: CatalogueService,
    private readonly houseRules: JobHouseRules,
    private readonly threads: WorkThreads,
  ) {}

  async of(jobId: string | undefined): Promise<{ valves: ServedValveView[]; seen: LifeSeen[] }> {
    const now = new Date();
    const rows = await readServedRows(this.sequelize, jobId === undefined ? 'all' : { jobId });
    const served = rows.flatMap((row) => {
      const valve = valveHere(row);
      return valve ? [{ row, valve }] : [];
    });
    const outages = new Map((await this.outages(rows, now)).map((one) => [one.positionId, one]));
    const priceOf = pricesFrom(await this.catalogue.list());
    return {
      valves: served.map(({ row, valve }) => viewOf(row, valve, outages.get(row.id), priceOf, now)),
      seen: await this.lives(),
    };
  }

  /** Works out outages on the lines of a job, where they are not known: whoever opens a budget then need not wait. */
  async workOutOf(jobId: string): Promise<void> {
    await this.outages(await readServedRows(this.sequelize, { jobId }), new Date());
  }

  /** What is known of one position, and what the company saw at valves of all kinds. Nothing of a job that is archived. */
  async at({ id: positionId, lineId }: { id: string; lineId: string }): Promise<ServedHere> {
    const now = new Date();
    const [[row], walked] = await Promise.all([
      readServedRows(this.sequelize, { positionId }),
      readWalkedRows(this.sequelize, lineId),
    ]);
    if (!row) return NOTHING;
    const valve = valveHere(row);
    const [lines, lives, models] = await Promise.all([
      this.outageLines(walked, now),
      this.livesOfLate(),
      valve ? this.modelsFor(row, valve) : [],
    ]);
    const [line] = lines.values();
    const [outage] = line ? outagesOf(line, positionId) : [];
    return {
      learned: learnedByType(lives, row.medium),
      wets: row.wets,
      isBehindSeized: outage?.isBehindSeized ?? false,
      valve: valve ? viewOf(row, valve, outage, pricesFrom(models), now) : null,
    };
  }

  /** How long valves lasted, of all jobs, whichever is asked for. */
  private async lives(): Promise<LifeSeen[]> {
    return (await readServedRows(this.sequelize, 'lives')).flatMap(livesOf);
  }

  /** The same for every position, and asked for with each: as it was within the last seconds. */
  private livesOfLate(): Promise<LifeSeen[]> {
    return this.late.get(currentCompanyId(), () => apartFromTransaction(() => this.lives()));
  }

  /** The models that what a valve costs is told by. */
  private modelsFor({ modelId }: ServedRow, { type }: ValveHere): Promise<ModelView[]> {
    return this.catalogue.list({ [Op.or]: [{ type }, ...(modelId === null ? [] : [{ id: modelId }])] });
  }

  /** By the walk of each line, in a thread; once as long as nothing there changes. */
  private async outages(rows: readonly ServedRow[], now: Date): Promise<ValveOutage[]> {
    const lines = await this.outageLines(rows, now);
    const outages = await workedOut(this.sequelize, 'line-outages', lines, (missing) =>
      this.threads.run(
        'workOutOutages',
        { lines: JSON.stringify(missing) },
        { sender: currentCompanyId(), mostMs: MOST_MS, insteadOfLong: 'Ask for one job.' },
      ),
    );
    return [...outages.values()].flat();
  }

  /** What outages are worked out from, by line. */
  private async outageLines(rows: readonly WalkedRow[], now: Date): Promise<Map<string, OutageLine>> {
    const byLine = new Map<string, WalkedRow[]>();
    for (const row of rows) {
      const line = byLine.get(row.lineId);
      if (line) line.push(row);
      else byLine.set(row.lineId, [row]);
    }
    const [walks, settings] = await Promise.all([
      this.walks.findAll({ where: { lineId: [...byLine.keys()] }, raw: true }),
      this.houseRules.ofEach(new Set(rows.map(({ jobId }) => jobId))),
    ]);
    const itemsOf = new Map(walks.map(({ lineId, items }) => [lineId, items]));
    const lines = new Map<string, OutageLine>();
    for (const [lineId, of] of byLine) {
      const rules = settings.get(of[0]?.jobId ?? '');
      if (!rules) continue;
      lines.set(lineId, {
        items: walkBeside(
          itemsOf.get(lineId) ?? [],
          of.map(({ id }) => id),
        ),
        positions: of.map(({ id, duty, condition }) => ({ id, duty, condition })),
        settings: rules,
        since: standsSince(
          of.map(({ condition }) => condition),
          now,
        ).toISOString(),
      });
    }
    return lines;
  }
}

export type ServedHere = Pick<LifeBasisView, 'learned' | 'wets' | 'isBehindSeized' | 'valve'>;
const NOTHING: ServedHere = { learned: [], wets: null, isBehindSeized: false, valve: null };

function viewOf(
  row: ServedRow,
  { type, since }: ValveHere,
  outage: ValveOutage | undefined,
  priceOf: PriceOf,
  now: Date,
): ServedValveView {
  const { id, tag, remarks, jobId, jobName, lineId, lineName, medium, duty, condition } = row;
  const failure = valveFailure(condition, medium) ?? null;
  const unturned = yearsUnturned(condition, now);
  const price = priceOf(row, type);
  return {
    id,
    tag,
    remarks,
    jobId,
    jobName,
    lineId,
    lineName,
    medium,
    type,
    dn: duty.dn,
    ...(since !== undefined && { ageYears: Math.max(0, yearsBetween(since, now.toISOString())) }),
    ...(unturned !== undefined && { yearsUnturned: unturned }),
    ...waterOf(row),
    ...(price !== undefined && { price }),
    ...(row.wets !== null && { wets: row.wets }),
    ...(duty.place !== undefined && { place: duty.place }),
    isBehindSeized: outage?.isBehindSeized ?? false,
    isFailed: failure !== null,
    dry: outage?.dry ?? null,
    failure,
    mustNotWait: (failure && mustNotWait(failure, medium, duty.function)) ?? null,
  };
}

type PriceOf = (row: ServedRow, type: ValveType) => number | undefined;

/**
 * What a valve costs: of the model that is picked there; else of the cheapest of its type and size in the catalogue. Each is looked for once,
 * since thousands of valves are of the same few.
 */
function pricesFrom(models: readonly ModelView[]): PriceOf {
  const known = new Map<string, number | undefined>();
  const find = ({ modelId, duty }: ServedRow, type: ValveType): number | undefined => {
    const pricesOf = (model: ModelView): number[] =>
      model.sizes.filter(({ dn }) => dn === duty.dn).map((size) => priceEach(size, 1));
    const [picked] = models.filter(({ id }) => id === modelId).flatMap(pricesOf);
    const alike = models.filter((model) => model.type === type && !model.retired).flatMap(pricesOf);
    return picked ?? (alike.length > 0 ? Math.min(...alike) : undefined);
  };
  return (row, type) => {
    const key = `${row.modelId} ${type} ${row.duty.dn}`;
    if (!known.has(key)) known.set(key, find(row, type));
    return known.get(key);
  };
}
