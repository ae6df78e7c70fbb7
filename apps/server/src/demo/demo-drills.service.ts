import { randomUUID } from 'node:crypto';
import { type DrillKind, type DrillLevel, drill, houseRuleSettings, positionDrill } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { DrillResult } from '../work/drills/drill-result.model.js';
import { SentDrill } from '../work/drills/sent-drill.model.js';
import { Position } from '../work/positions/position.model.js';
import { DEMO_CATALOGUE } from './demo-data.js';

const DAY_MS = 24 * 3600 * 1000;
/** Kinds that are made in an instant: the demo is made at every start of an empty database. */
const KINDS: readonly DrillKind[] = [
  'name-it',
  'say-it',
  'hear-it',
  'which-valve',
  'what-to-close',
  'purge-order',
  'holds-or-not',
  'touch-it-or-not',
];
/** Runs of each person: how many days ago, at which level, and of how many answers one is wrong. */
const RUNS = [
  { email: 'bea@tarnside.example', daysAgo: [62, 41, 20, 6, 2], level: 1, wrongOf: 4 },
  { email: 'joss@tarnside.example', daysAgo: [70, 35, 12], level: 2, wrongOf: 9 },
  { email: 'ada@tarnside.example', daysAgo: [120, 64, 15], level: 3, wrongOf: 50 },
] as const;
const SENT_AT = 'CW-105';
const SENT_DAYS_AGO = 1;

/** Drills that the demo’s people took, and one that the foreman sent to the apprentice. */
@Injectable()
export class DemoDrills {
  constructor(
    @InjectModel(DrillResult) private readonly results: typeof DrillResult,
    @InjectModel(SentDrill) private readonly sent: typeof SentDrill,
    @InjectModel(Position) private readonly positions: typeof Position,
  ) {}

  /** @param people ids by e-mail */
  async make(jobId: string, people: ReadonlyMap<string, string>): Promise<void> {
    const now = Date.now();
    const rows = RUNS.flatMap(({ email, daysAgo, level, wrongOf }) =>
      daysAgo.flatMap((days, run) =>
        KINDS.map((kind, at) =>
          this.row(kind, level, run * KINDS.length + at, {
            personId: people.get(email) ?? '',
            takenAt: new Date(now - days * DAY_MS + at * 50_000),
            isWrong: (run * KINDS.length + at) % wrongOf === wrongOf - 1,
          }),
        ),
      ),
    );
    await this.results.bulkCreate(rows);
    await this.send(jobId, people);
  }

  private row(
    kind: DrillKind,
    level: DrillLevel,
    seed: number,
    { personId, takenAt, isWrong }: { personId: string; takenAt: Date; isWrong: boolean },
  ): Record<string, unknown> {
    const { key, trade, answer, grade } = drill({ kind, seed, level });
    const other = answer.form === 'choice' ? answer.choices.find(({ id }) => id !== key)?.id : undefined;
    const given = isWrong && other !== undefined ? other : key;
    const { right, score } = grade(given);
    return {
      id: randomUUID(),
      personId,
      kind,
      level,
      trade,
      seed,
      answer: given,
      isRight: right,
      score,
      tookS: 20 + ((seed * 7) % 40),
      takenAt,
    };
  }

  private async send(jobId: string, people: ReadonlyMap<string, string>): Promise<void> {
    const { id: positionId, duty } = await this.positions.findOne({
      where: { jobId, tag: SENT_AT },
      rejectOnEmpty: true,
    });
    const shown = positionDrill(
      { ...duty, medium: 'potable-cold' },
      DEMO_CATALOGUE,
      houseRuleSettings(),
      SENT_AT,
    );
    if (!shown) return;
    await this.sent.create({
      id: randomUUID(),
      positionId,
      kind: 'which-valve',
      shown,
      personIds: [people.get('bea@tarnside.example') ?? ''],
      sentBy: people.get('ada@tarnside.example') ?? '',
      sentAt: new Date(Date.now() - SENT_DAYS_AGO * DAY_MS),
    });
  }
}
