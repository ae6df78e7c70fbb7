import { isDeepStrictEqual } from 'node:util';
import type {
  DeviceSample,
  DeviceSamplesView,
  ReadingRequest,
  ReadingView,
  SamplesRequest,
  SamplesView,
} from '@grevik/contracts';
import {
  type BegunReading,
  type HoldGiven,
  InvalidInput,
  type ReadingStep,
  type ReducerGiven,
  judgeReading,
} from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { signedBy } from '../../firm/people/signature.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentCompanyId, currentPersonId, inCompany } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { LiveNotices } from '../../ground/live/live-notices.service.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { lineNotFound } from '../lines/line-not-found.js';
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
    private readonly notices: LiveNotices,
  ) {}

  /** Begins a reading; begun again under the same id it is found begun. */
  async begin(lineId: string, request: ReadingRequest): Promise<ReadingView> {
    const { id, item, source, plays, deviceId } = request;
    const { step, given } = begunBy(request);
    await inTransaction(this.sequelize, async () => {
      const line = await this.lines.findByPk(lineId, { lock: true });
      if (!line) throw lineNotFound();
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
      if (deviceId !== undefined) await this.checkDevice(deviceId, source === 'stand-in');
      await this.readings.create({
        id,
        lineId,
        step,
        item: item ?? null,
        given,
        source,
        deviceId: deviceId ?? null,
        plays: plays ?? null,
        startedBy: currentPersonId(),
      });
      await this.record(line, step, 'begun');
    });
    return this.view(id);
  }

  /** Adds samples to a reading that runs. */
  async add(id: string, samples: SamplesRequest): Promise<ReadingView> {
    await inTransaction(this.sequelize, async () => {
      await this.running(id);
      await this.samples.add(id, samples);
      await this.notices.tellTopic('samples', { subjectId: id });
    });
    return this.view(id);
  }

  /** Ends a reading: judged on all its samples, and noted in the start-up. One that has ended stays as it is. */
  async end(id: string): Promise<ReadingView> {
    await inTransaction(this.sequelize, async () => {
      await this.endHeld(await this.held(id));
    });
    return this.view(id);
  }

  /** Keeps what a device reports as its last word, stores it in the reading that runs on it, and ends a hold whose time is full. */
  async report(deviceId: string, samples: readonly DeviceSample[]): Promise<DeviceSamplesView> {
    const { readingId, stored, holdS, lastS } = await this.samples.report(deviceId, samples);
    await this.notices.tellTopic('devices', { subjectId: deviceId });
    if (readingId !== null) await this.notices.tellTopic('samples', { subjectId: readingId });
    if (readingId !== null && holdS !== null && (lastS ?? 0) >= holdS)
      await inTransaction(this.sequelize, async () => {
        const reading = await this.held(readingId);
        if (await this.isFull(reading)) await this.endHeld(reading);
      });
    return { stored, known: samples.length - stored, readingId };
  }

  private async endHeld(reading: Reading): Promise<void> {
    if (reading.endedAt !== null) return;
    const { id, lineId, step, item, startedBy } = reading;
    const result = judgeReading(begun(reading), await this.samplesToJudge(id));
    const endedAt = new Date();
    await reading.update({ endedAt, result });
    await this.entries.create({
      // Each reading ends once, so that its own id does.
      id,
      lineId,
      step,
      kind: 'reading',
      item,
      readingId: id,
      verdict: result.verdict,
      happenedAt: endedAt,
      personId: startedBy,
    });
    const line = await this.lines.findByPk(lineId, { rejectOnEmpty: true });
    await this.record(line, step, result.verdict, startedBy);
  }

  /** Whether a hold was read for all of its time, from the first moment at the test pressure on. */
  private async isFull({ id, given }: Reading): Promise<boolean> {
    const { testPressurePa, holdS } = given as HoldGiven;
    return (await this.samples.heldS(id, testPressurePa)) >= holdS;
  }

  private async checkDevice(id: string, isStandIn: boolean): Promise<void> {
    const [device] = await this.sequelize.query<{
      name: string;
      isStandIn: boolean;
      lineName: string | null;
    }>(
      `SELECT d.name, d.is_stand_in AS "isStandIn", l.name AS "lineName" FROM devices d
         LEFT JOIN readings r ON r.company_id = d.company_id AND r.device_id = d.id AND r.ended_at IS NULL
         LEFT JOIN lines l ON l.company_id = r.company_id AND l.id = r.line_id
       WHERE d.company_id = :companyId AND d.id = :id AND d.kind = 'logger' AND d.removed_at IS NULL FOR UPDATE OF d`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), id } },
    );
    if (!device)
      throw new InvalidInput('deviceId', 'deviceId is no logger of this company: choose one from the list.');
    if (device.isStandIn !== isStandIn)
      throw new InvalidInput(
        'source',
        `source must be ${device.isStandIn ? 'stand-in' : 'device'}: ${device.name} is ${device.isStandIn ? '' : 'not '}played by the server.`,
      );
    if (device.lineName !== null)
      throw new Refusal(409, {
        code: 'conflict',
        field: 'deviceId',
        message: `${device.name} is reading ${device.lineName}. Choose another logger, or stop that reading first.`,
      });
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
      `SELECT r.id, r.step, r.item, r.given, r.source, r.started_at AS "startedAt", ${signedBy('r')} AS "startedBy",
              r.ended_at AS "endedAt", r.result,
              CASE WHEN d.id IS NULL THEN NULL ELSE jsonb_build_object('name', d.name, 'lastAt', d.last_at, 'trouble', d.trouble) END AS device,
              (SELECT count(*)::int FROM reading_samples s WHERE s.company_id = r.company_id AND s.reading_id = r.id) AS samples
       FROM readings r LEFT JOIN people p ON p.company_id = r.company_id AND p.id = r.started_by
         LEFT JOIN devices d ON d.company_id = r.company_id AND d.id = r.device_id
         LEFT JOIN people i ON i.company_id = r.company_id AND i.id = r.imported_by
       WHERE r.company_id = :companyId AND ${where} ORDER BY r.started_at DESC`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), of } },
    );
  }

  private async samplesToJudge(id: string): Promise<SamplesView> {
    const samples = await this.samples.after(id, -1e12);
    if (samples.timeS.length === 0)
      throw new Refusal(422, {
        code: 'conflict',
        message: 'Nothing was read yet. Add samples, or remove the reading by starting another.',
      });
    return samples;
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

  /** @param by who began it, where a device ended it and nobody is signed in */
  private record(line: Line, step: ReadingStep, after: string, by?: string | null): Promise<unknown> {
    const write = (): Promise<unknown> =>
      this.log.record({
        kind: 'start-up',
        jobId: line.jobId,
        subjectId: line.id,
        what: line.name,
        before: null,
        after: { step, reading: after },
      });
    return by ? inCompany(currentCompanyId(), write, { personId: by }) : write();
  }
}

const begun = ({ step, given }: Pick<Reading, 'step' | 'given'>): BegunReading =>
  ({ step, given }) as BegunReading;

/** What a reading is of, and where its samples come from: each kind has its own, and nothing else. */
function begunBy({ given, reducer, item, source, plays, deviceId }: ReadingRequest): BegunReading {
  if ((given === undefined) === (reducer === undefined) || (reducer === undefined) !== (item === undefined))
    throw new InvalidInput(
      given === undefined && reducer === undefined ? 'given' : 'item',
      'A reading is of a hold, with given, or of a reducer, with item and reducer: give one of the two.',
    );
  if ((source === 'stand-in') !== (plays !== undefined))
    throw new InvalidInput(
      'plays',
      'plays is what the logger stand-in plays: it is given with the source stand-in, and only then.',
    );
  if ((source === 'stand-in' || source === 'device') !== (deviceId !== undefined))
    throw new InvalidInput(
      'deviceId',
      'deviceId is the logger that reads: it is given with the sources device and stand-in, and only then.',
    );
  return given ? { step: 'hold', given } : { step: 'reducer', given: reducer as ReducerGiven };
}

const notFound = (): NotFoundException =>
  new NotFoundException('This reading was not found. Open the start-up of the line again.');
