import { isDeepStrictEqual } from 'node:util';
import type { ReadingRequest, ReadingView, SamplesRequest, SamplesView } from '@grevik/contracts';
import { type HoldTest, InvalidInput, holdTest } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentCompanyId, currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { Line } from '../lines/line.model.js';
import { refuseHandedOver } from './refuse-handed-over.js';
import { HandOver } from './hand-over.model.js';
import { Reading } from './reading.model.js';
import { SamplesService } from './samples.service.js';
import { StartUpEntryRow } from './start-up-entry.model.js';

/** Readings of holds: begun, added to, and ended with a verdict that stays with its figures. */
@Injectable()
export class ReadingsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Reading) private readonly readings: typeof Reading,
    @InjectModel(StartUpEntryRow) private readonly entries: typeof StartUpEntryRow,
    @InjectModel(HandOver) private readonly handOvers: typeof HandOver,
    @InjectModel(Line) private readonly lines: typeof Line,
    private readonly samples: SamplesService,
    private readonly log: ChangeLog,
  ) {}

  /** Begins a reading; begun again under the same id it is found begun. */
  async begin(lineId: string, { id, given, source, plays }: ReadingRequest): Promise<ReadingView> {
    if ((source === 'stand-in') !== (plays !== undefined))
      throw new InvalidInput(
        'plays',
        'plays is what the logger stand-in plays: it is given with the source stand-in, and only then.',
      );
    await inTransaction(this.sequelize, async () => {
      const line = await this.lines.findByPk(lineId, { lock: true });
      if (!line) throw new NotFoundException('This line was not found. Open the job again.');
      await refuseHandedOver(this.handOvers, line);
      const before = await this.readings.findOne({ where: { id } });
      if (before) {
        if (before.lineId === lineId && isDeepStrictEqual(before.given, given)) return;
        throw new Refusal(409, {
          code: 'conflict',
          field: 'id',
          message: `There is another reading with the id ${id}. Start a new one.`,
        });
      }
      if (await this.readings.count({ where: { lineId, endedAt: null } }))
        throw new Refusal(409, {
          code: 'conflict',
          message: `A reading is running on ${line.name} already. Stop it first.`,
        });
      await this.readings.create({
        id,
        lineId,
        given,
        source,
        plays: plays ?? null,
        startedBy: currentPersonId(),
      });
      await this.record(line, 'begun');
    });
    return this.view(id);
  }

  /** Adds samples to a reading that runs. */
  async add(id: string, samples: SamplesRequest): Promise<ReadingView> {
    await inTransaction(this.sequelize, async () => {
      await this.running(id);
      await this.samples.add(id, samples);
    });
    return this.view(id);
  }

  /** Ends a reading: judged on all its samples, and noted in the start-up. One that has ended stays as it is. */
  async end(id: string): Promise<ReadingView> {
    await inTransaction(this.sequelize, async () => {
      const reading = await this.held(id);
      if (reading.endedAt !== null) return;
      const result = await this.judged(reading);
      const endedAt = new Date();
      await reading.update({ endedAt, result });
      await this.entries.create({
        // Each reading ends once, so that its own id does.
        id,
        lineId: reading.lineId,
        step: 'hold',
        kind: 'reading',
        readingId: id,
        verdict: result.verdict,
        happenedAt: endedAt,
        personId: reading.startedBy,
      });
      await this.record(await this.lines.findByPk(reading.lineId, { rejectOnEmpty: true }), result.verdict);
    });
    return this.view(id);
  }

  /** Samples after a time. */
  async samplesOf(id: string, afterS: number): Promise<SamplesView> {
    if (!(await this.readings.findOne({ where: { id }, attributes: ['id'] }))) throw notFound();
    return this.samples.after(id, afterS);
  }

  /** Readings of a line, the latest first. */
  async ofLine(lineId: string): Promise<ReadingView[]> {
    return this.views('r.line_id = :of', lineId);
  }

  private async view(id: string): Promise<ReadingView> {
    const [view] = await this.views('r.id = :of', id);
    if (!view) throw notFound();
    return view;
  }

  private views(where: string, of: string): Promise<ReadingView[]> {
    return this.sequelize.query<ReadingView>(
      `SELECT r.id, r.given, r.source, r.started_at AS "startedAt", coalesce(p.name, r.signed_as || ' (imported' || coalesce(' by ' || i.name, '') || ')', '') AS "startedBy",
              r.ended_at AS "endedAt", r.result,
              (SELECT count(*)::int FROM reading_samples s WHERE s.company_id = r.company_id AND s.reading_id = r.id) AS samples
       FROM readings r LEFT JOIN people p ON p.company_id = r.company_id AND p.id = r.started_by
         LEFT JOIN people i ON i.company_id = r.company_id AND i.id = r.imported_by
       WHERE r.company_id = :companyId AND ${where} ORDER BY r.started_at DESC`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), of } },
    );
  }

  private async judged({ id, given }: Reading): Promise<HoldTest> {
    const samples = await this.samples.of(id);
    if (samples.length === 0)
      throw new Refusal(422, {
        code: 'conflict',
        message: 'Nothing was read yet. Add samples, or remove the reading by starting another.',
      });
    return holdTest({ ...given, samples });
  }

  private async running(id: string): Promise<Reading> {
    const reading = await this.held(id);
    if (reading.endedAt !== null)
      throw new Refusal(409, {
        code: 'conflict',
        message: 'This reading has ended. Start another one.',
      });
    return reading;
  }

  private async held(id: string): Promise<Reading> {
    const reading = await this.readings.findOne({ where: { id }, lock: true });
    if (!reading) throw notFound();
    return reading;
  }

  private record(line: Line, after: string): Promise<unknown> {
    return this.log.record({
      kind: 'start-up',
      jobId: line.jobId,
      subjectId: line.id,
      what: line.name,
      before: null,
      after: { step: 'hold', reading: after },
    });
  }
}

const notFound = (): NotFoundException =>
  new NotFoundException('This reading was not found. Open the start-up of the line again.');
