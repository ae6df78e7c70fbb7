import { randomUUID } from 'node:crypto';
import type { ArchivedStartUp } from '@grevik/contracts';
import { type BegunReading, type HoldGiven, type ReducerGiven, judgeReading } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import type { Person } from '../../firm/people/person.model.js';
import { SIGNERS, signedName } from '../../firm/people/signature.js';
import { HandOver } from './hand-over.model.js';
import { Reading } from './reading.model.js';
import { SamplesService } from './samples.service.js';
import { StartUpEntryRow } from './start-up-entry.model.js';

type ArchivedEntry = ArchivedStartUp['entries'][number];
type ArchivedReading = ArchivedStartUp['readings'][number];

/** Start-ups out to an archive, and back signed as they were. A reading that runs is not taken along. */
@Injectable()
export class ArchivedStartUps {
  constructor(
    @InjectModel(StartUpEntryRow) private readonly entries: typeof StartUpEntryRow,
    @InjectModel(Reading) private readonly readings: typeof Reading,
    @InjectModel(HandOver) private readonly handOvers: typeof HandOver,
    private readonly samples: SamplesService,
  ) {}

  /** Undefined where nothing was done yet. */
  async write(lineId: string, tagOf: ReadonlyMap<string, string>): Promise<ArchivedStartUp | undefined> {
    const rows = await this.readings.findAll({
      where: { lineId, endedAt: { [Op.ne]: null } },
      include: SIGNERS,
      order: [
        ['startedAt', 'ASC'],
        ['id', 'ASC'],
      ],
    });
    const readings: ArchivedReading[] = [];
    for (const row of rows)
      readings.push({ ...archivedReading(row, tagOf), samples: await this.samples.after(row.id, -1e12) });
    const placeOf = new Map(rows.map(({ id }, at) => [id, at]));
    const entries = await this.entries.findAll({
      where: { lineId },
      include: SIGNERS,
      order: ['happenedAt', 'step', 'item', 'kind'].map((by): [string, string] => [by, 'ASC']),
    });
    const handedOver = await this.handOvers.findOne({ where: { lineId } });
    if (entries.length + readings.length === 0 && !handedOver) return undefined;
    return {
      entries: entries.map((entry) => archivedEntry(entry, tagOf, placeOf)),
      readings,
      ...(handedOver && {
        handedOver: {
          handedBy: handedOver.handedBy,
          takenBy: handedOver.takenBy,
          at: handedOver.at.toISOString(),
        },
      }),
    };
  }

  /** @param idOf positions by their tags */
  async take(
    lineId: string,
    { entries, readings, handedOver }: ArchivedStartUp,
    idOf: ReadonlyMap<string, string>,
    importer: Person,
  ): Promise<void> {
    const taken: Pick<Reading, 'id' | 'result'>[] = [];
    for (const reading of readings) taken.push(await this.takeReading(lineId, reading, idOf, importer));
    await this.entries.bulkCreate(
      entries.map(({ tag, item, reading, verdict: _, by, happenedAt, ...entry }) => ({
        ...entry,
        id: randomUUID(),
        lineId,
        item: itemOf({ tag, item }, idOf),
        readingId: taken[reading ?? -1]?.id ?? null,
        verdict: taken[reading ?? -1]?.result?.verdict ?? null,
        happenedAt: new Date(happenedAt),
        signedAs: by,
        importedBy: importer.id,
      })),
    );
    if (handedOver) await this.handOvers.create({ ...handedOver, lineId, at: new Date(handedOver.at) });
  }

  /** Judged once more on its samples: what an archive says of a verdict is not taken on trust. */
  private async takeReading(
    lineId: string,
    { given, reducer, tag, item, source, startedAt, endedAt, by, samples }: ArchivedReading,
    idOf: ReadonlyMap<string, string>,
    importer: Person,
  ): Promise<Reading> {
    const id = randomUUID();
    const columns = { inletPa: [], flowM3s: [], ...samples };
    const begun = { step: given ? 'hold' : 'reducer', given: given ?? reducer } as BegunReading;
    const reading = await this.readings.create({
      id,
      lineId,
      ...begun,
      item: itemOf({ tag, item }, idOf),
      source,
      plays: null,
      startedAt: new Date(startedAt),
      endedAt: new Date(endedAt),
      result: judgeReading(begun, columns),
      signedAs: by,
      importedBy: importer.id,
    });
    await this.samples.addAll(id, columns);
    return reading;
  }
}

/** Which thing something is of: a position by its tag. */
interface OfItem {
  tag?: string | undefined;
  item?: string | undefined;
}

function ofItem(item: string | null, tagOf: ReadonlyMap<string, string>): OfItem {
  const tag = tagOf.get(item ?? '');
  return { ...(tag !== undefined ? { tag } : item !== null && { item }) };
}

const itemOf = ({ tag, item }: OfItem, idOf: ReadonlyMap<string, string>): string | null =>
  (tag === undefined ? item : idOf.get(tag)) ?? null;

function archivedEntry(
  row: StartUpEntryRow,
  tagOf: ReadonlyMap<string, string>,
  placeOf: ReadonlyMap<string, number>,
): ArchivedEntry {
  const { step, kind, item, values, reason, readingId, verdict, happenedAt } = row;
  const reading = placeOf.get(readingId ?? '');
  return {
    step,
    kind,
    ...ofItem(item, tagOf),
    ...(values !== null && { values }),
    ...(reason !== null && { reason }),
    ...(reading !== undefined && { reading }),
    ...(verdict !== null && { verdict }),
    happenedAt: happenedAt.toISOString(),
    by: signedName(row),
  };
}

function archivedReading(row: Reading, tagOf: ReadonlyMap<string, string>): Omit<ArchivedReading, 'samples'> {
  const { step, item, given, source, startedAt, endedAt } = row;
  return {
    ...(step === 'hold'
      ? { given: given as HoldGiven }
      : { reducer: given as ReducerGiven, ...ofItem(item, tagOf) }),
    source,
    startedAt: startedAt.toISOString(),
    endedAt: (endedAt ?? startedAt).toISOString(),
    by: signedName(row),
  };
}
