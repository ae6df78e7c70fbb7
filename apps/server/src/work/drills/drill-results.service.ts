import type {
  DrillPersonView,
  DrillRecordView,
  DrillResultRequest,
  DrillResultView,
} from '@grevik/contracts';
import { InvalidInput, drillReadiness, houseRuleSettings, lastPassed } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';
import { companyRows } from '../../ground/database/company-rows.js';
import { currentCompanyId, currentPersonId } from '../../ground/database/company-scope.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { csvText } from '../../ground/sheets/csv-text.js';
import { LiveNotices } from '../../ground/live/live-notices.service.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';
import { DrillResult } from './drill-result.model.js';
import { SentDrills } from './sent-drills.service.js';

/** Answers of one person that are shown and that readiness rests on. */
const LOOKED_BACK = 1000;
const MOST_MS = 10_000;
const COLUMNS = ['person', 'taken', 'kind', 'level', 'about', 'right', 'score', 'seconds'] as const;

/** What people answered to drills. A record is seen by the person and by the foreman. */
@Injectable()
export class DrillResults {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(DrillResult) private readonly results: typeof DrillResult,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly sent: SentDrills,
    private readonly threads: WorkThreads,
    private readonly notices: LiveNotices,
  ) {}

  /** Grades an answer here and stores it, once however often it is sent. */
  async add(request: DrillResultRequest): Promise<DrillResultView> {
    const before = await this.results.findOne({ where: { id: request.id } });
    if (before) return this.ownOrRefused(before);
    const { id, kind, level, seed, trade, sentId, houseRules, answer, tookS, takenAt } = request;
    if ((seed === undefined) === (request.shown === undefined && sentId === undefined))
      throw new InvalidInput(
        'seed',
        'Give seed for a drill made from one, or shown or sentId for one about something real.',
      );
    const shown = sentId === undefined ? request.shown : await this.sent.shownTo(sentId, kind);
    const graded = await this.threads.run(
      'gradeDrill',
      { of: { kind, level, seed, trade }, shown, answer, settings: houseRuleSettings(houseRules) },
      { sender: currentCompanyId(), mostMs: MOST_MS, insteadOfLong: 'Answer it again in a minute.' },
    );
    // Sent twice at the same moment it is stored once.
    await this.results.bulkCreate(
      [
        {
          id,
          personId: currentPersonId(),
          kind,
          level,
          trade: graded.trade,
          seed: seed ?? null,
          shown: sentId === undefined ? (request.shown ?? null) : null,
          sentId: sentId ?? null,
          answer,
          isRight: graded.right,
          score: graded.score,
          tookS,
          takenAt: new Date(takenAt),
        },
      ],
      { ignoreDuplicates: true },
    );
    await this.notices.tellTopic('drills');
    return this.ownOrRefused(await this.results.findOne({ where: { id }, rejectOnEmpty: true }));
  }

  /** One’s own record. */
  mine(): Promise<DrillRecordView> {
    return this.of(currentPersonId());
  }

  /** The record of a person, for the foreman. */
  async of(personId: string): Promise<DrillRecordView> {
    const person = await this.people.findByPk(personId);
    if (!person) throw new NotFoundException('This person was not found.');
    const results = await this.results.findAll({
      where: { personId },
      order: [['takenAt', 'DESC']],
      limit: LOOKED_BACK,
    });
    return { personId, name: person.name, results: results.map(resultView) };
  }

  /** Who is ready for what. */
  async ready(): Promise<DrillPersonView[]> {
    const people = await this.people.findAll({ where: { leftAt: null }, order: [['name', 'ASC']] });
    const taken = await this.ofEach();
    return people.map(({ id, name, role }) => {
      const own = taken.get(id) ?? [];
      return {
        personId: id,
        name,
        role,
        ready: drillReadiness(own),
        gasPassedAt: lastPassed(own, 'gas') ?? null,
        firePassedAt: lastPassed(own, 'fire') ?? null,
      };
    });
  }

  /** One’s own record as CSV. */
  async file(): Promise<string> {
    return csvOf([await this.mine()]);
  }

  /** Everybody’s record as CSV, for the foreman. */
  async fileOfAll(): Promise<string> {
    const people = await this.people.findAll({ order: [['name', 'ASC']] });
    const taken = await this.ofEach();
    return csvOf(people.map(({ id, name }) => ({ personId: id, name, results: taken.get(id) ?? [] })));
  }

  /** The last answers of each person, the newest first. */
  private async ofEach(): Promise<ReadonlyMap<string, DrillResultView[]>> {
    const rows = await companyRows<Omit<DrillResultView, 'takenAt'> & { personId: string; takenAt: Date }>(
      this.sequelize,
      `SELECT person_id AS "personId", id, kind, level, trade, is_right AS "right", score, took_s AS "tookS", taken_at AS "takenAt"
       FROM (SELECT *, row_number() OVER (PARTITION BY person_id ORDER BY taken_at DESC) AS place
             FROM drill_results WHERE company_id = :companyId) latest
       WHERE place <= ${LOOKED_BACK} ORDER BY person_id, taken_at DESC`,
    );
    const byPerson = new Map<string, DrillResultView[]>();
    for (const { personId, takenAt, ...result } of rows) {
      const own = byPerson.get(personId) ?? [];
      own.push({ ...result, takenAt: takenAt.toISOString() });
      byPerson.set(personId, own);
    }
    return byPerson;
  }

  private ownOrRefused(row: DrillResult): DrillResultView {
    if (row.personId === currentPersonId()) return resultView(row);
    throw new Refusal(409, {
      code: 'conflict',
      field: 'id',
      message: 'This id is taken by another answer: make a new one.',
    });
  }
}

const resultView = ({
  id,
  kind,
  level,
  trade,
  isRight,
  score,
  tookS,
  takenAt,
}: DrillResult): DrillResultView => ({
  id,
  kind,
  level,
  trade,
  right: isRight,
  score,
  tookS,
  takenAt: takenAt.toISOString(),
});

const csvOf = (records: readonly DrillRecordView[]): string =>
  `\uFEFF${csvText(
    records.flatMap(({ name, results }) =>
      results.map(({ takenAt, kind, level, trade, right, score, tookS }) => [
        name,
        takenAt,
        kind,
        level,
        trade,
        right ? 'yes' : 'no',
        Number(score.toFixed(2)),
        Math.round(tookS),
      ]),
    ),
    COLUMNS,
  )}\r\n`;
