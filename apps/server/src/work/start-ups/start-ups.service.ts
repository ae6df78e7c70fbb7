import { isDeepStrictEqual } from 'node:util';
import type { HandOverRequest, HandOverView, StartUpEntryRequest, StartUpView } from '@grevik/contracts';
import {
  InvalidInput,
  STEP_TABLE,
  type StartUp,
  type StartUpEntry,
  checkStepValues,
  startUp,
  startedLineOf,
} from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueService } from '../../firm/catalogue/catalogue.service.js';
import { SIGNERS, signature } from '../../firm/people/signature.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { deviceMoment } from '../../ground/requests/device-moment.js';
import { lineNotFound } from '../lines/line-not-found.js';
import { Line } from '../lines/line.model.js';
import { readPositions } from '../positions/read-positions.js';
import { WalksService } from '../walks/walks.service.js';
import { HandOver } from './hand-over.model.js';
import { ReadingsService } from './readings.service.js';
import { refuseHandedOver } from './refuse-handed-over.js';
import { StartUpEntryRow } from './start-up-entry.model.js';

/** From installed to handed over: what was done at each step of a line, by whom and when. */
@Injectable()
export class StartUpsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(StartUpEntryRow) private readonly entries: typeof StartUpEntryRow,
    @InjectModel(HandOver) private readonly handOvers: typeof HandOver,
    @InjectModel(Line) private readonly lines: typeof Line,
    private readonly catalogue: CatalogueService,
    private readonly walks: WalksService,
    private readonly readings: ReadingsService,
    private readonly log: ChangeLog,
  ) {}

  async of(lineId: string): Promise<StartUpView> {
    await this.line(lineId);
    const [entries, readings, handedOver] = await Promise.all([
      this.written(lineId),
      this.readings.ofLine(lineId),
      this.handOvers.findOne({ where: { lineId } }),
    ]);
    return { entries, readings, handedOver: handedOver && handOverView(handedOver) };
  }

  /** Adds a fact. Sent again under the same id it is found stored, and nothing is added. */
  async add(lineId: string, request: StartUpEntryRequest): Promise<{ isNew: boolean }> {
    const fact = factOf(request);
    return inTransaction(this.sequelize, async () => {
      const line = await this.line(lineId, true);
      const before = await this.entries.findOne({ where: { id: request.id } });
      if (before) {
        if (before.lineId === lineId && saysTheSame(before, fact)) return { isNew: false };
        throw new Refusal(409, {
          code: 'conflict',
          field: 'id',
          message: `There is another entry with the id ${request.id}. An entry cannot be changed: add a new one.`,
        });
      }
      await refuseHandedOver(this.handOvers, line);
      await this.entries.create({ id: request.id, lineId, ...fact, personId: currentPersonId() });
      await this.log.record({
        kind: 'start-up',
        jobId: line.jobId,
        subjectId: line.id,
        what: line.name,
        before: null,
        after: { step: fact.step, kind: fact.kind },
      });
      return { isNew: true };
    });
  }

  /** Closes the start-up: every step is done, or skipped with its reason. */
  async handOver(lineId: string, { handedBy, takenBy }: HandOverRequest): Promise<HandOverView> {
    return inTransaction(this.sequelize, async () => {
      const line = await this.line(lineId, true);
      await refuseHandedOver(this.handOvers, line);
      if (handedBy.trim().toLowerCase() === takenBy.trim().toLowerCase())
        throw new InvalidInput('takenBy', 'Two people sign: who did it, and who takes it over.');
      const { steps, isComplete } = await this.stateOf(line);
      if (!isComplete) {
        const open = steps
          .filter(({ state }) => state === 'open' || state === 'waiting')
          .map(({ title }) => title);
        throw new Refusal(422, {
          code: 'conflict',
          message:
            open.length === 0
              ? `${line.name} has nothing to start up.`
              : `${line.name} cannot be handed over yet. Still open: ${open.join(', ')}.`,
        });
      }
      const made = await this.handOvers.create({
        lineId,
        handedBy: handedBy.trim(),
        takenBy: takenBy.trim(),
        personId: currentPersonId(),
      });
      await this.log.record({
        kind: 'hand-over',
        jobId: line.jobId,
        subjectId: line.id,
        what: line.name,
        before: null,
        after: { handedBy: made.handedBy, takenBy: made.takenBy },
      });
      return handOverView(made);
    });
  }

  private async stateOf({ id, medium, facts }: Line): Promise<StartUp> {
    const items = (await this.walks.of(id))?.items ?? [];
    const positions = await readPositions(this.sequelize, id, { facts, items });
    const line = startedLineOf({ medium, positions, items }, await this.catalogue.list());
    return startUp(line, await this.written(id));
  }

  private async written(lineId: string): Promise<StartUpView['entries']> {
    const rows = await this.entries.findAll({
      where: { lineId },
      include: SIGNERS,
      order: [
        ['happenedAt', 'ASC'],
        ['id', 'ASC'],
      ],
    });
    return rows.map(entryView);
  }

  private async line(id: string, lock = false): Promise<Line> {
    const line = await this.lines.findByPk(id, { lock });
    if (!line) throw lineNotFound();
    return line;
  }
}

type Fact = Pick<StartUpEntryRow, 'step' | 'kind' | 'item' | 'values' | 'reason' | 'happenedAt'>;

/** Checks what was sent: each kind carries its own, and nothing else. */
function factOf({ step, kind, item, values, reason, happenedAt }: StartUpEntryRequest): Fact {
  const happened = deviceMoment('happenedAt', happenedAt);
  if ((kind === 'item') !== (item !== undefined && values !== undefined))
    throw new InvalidInput('item', 'item and values are given together, with the kind item and only then.');
  if ((kind === 'skip') !== (reason !== undefined))
    throw new InvalidInput('reason', 'A step is skipped with a reason, and only then has one.');
  if (values) checkStepValues(STEP_TABLE[step].fields, values);
  return {
    step,
    kind,
    item: item ?? null,
    values: values ?? null,
    reason: reason?.trim() ?? null,
    happenedAt: happened,
  };
}

const saysTheSame = (stored: StartUpEntryRow, fact: Fact): boolean =>
  stored.personId === currentPersonId() &&
  stored.step === fact.step &&
  stored.kind === fact.kind &&
  stored.item === fact.item &&
  isDeepStrictEqual(stored.values, fact.values) &&
  stored.reason === fact.reason &&
  stored.happenedAt.getTime() === fact.happenedAt.getTime();

function entryView(row: StartUpEntryRow): StartUpEntry & { id: string } {
  const { id, step, kind, item, values, reason, readingId, verdict, happenedAt } = row;
  const signed = { id, step, by: signature(row), at: happenedAt.toISOString() };
  switch (kind) {
    case 'item':
      return { ...signed, kind, item: item ?? '', values: values ?? {} };
    case 'skip':
      return { ...signed, kind, reason: reason ?? '' };
    case 'unskip':
      return { ...signed, kind };
    case 'reading':
      return {
        ...signed,
        kind,
        readingId: readingId ?? '',
        verdict: verdict ?? '',
        ...(item !== null && { item }),
      };
  }
}

const handOverView = ({ handedBy, takenBy, at }: HandOver): HandOverView => ({
  handedBy,
  takenBy,
  at: at.toISOString(),
});
