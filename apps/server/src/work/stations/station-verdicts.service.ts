import { randomUUID } from 'node:crypto';
import type { CheckDiagnosis, CheckVerdict } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId, inCompany } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';
import { EntriesService } from '../entries/entries.service.js';
import { LevelsService } from './levels.service.js';
import { Station } from './station.model.js';

/** Levels that a check is judged by. */
const LOOKED_BACK_MS = 14 * 24 * 3600 * 1000;
/** Between two judgements of one check. */
const AGAIN_S = 120;
const MOST_MS = 20_000;

/** What is written at the check when its verdict changes. */
export const VERDICT_SAID: Readonly<Record<CheckVerdict, string>> = {
  holding: 'The level recorder sees it hold again: nothing runs back while the pump rests.',
  passing:
    'The level recorder sees it pass: part of what the pump lifts runs back all through its rest. Look at the seat, the ball or the flapper.',
  'stuck-open':
    'The level recorder sees it stick open: after each stop the main runs back into the well. Look for what wedges the ball or flapper, then at the ball and the seat.',
};

/** Judges checks by the levels of their wells, and writes at the position when a verdict changes. */
@Injectable()
export class StationVerdicts {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Station) private readonly stations: typeof Station,
    private readonly levels: LevelsService,
    private readonly entries: EntriesService,
    private readonly threads: WorkThreads,
  ) {}

  /** Judges a check where it was not judged lately; of many servers one does. */
  async judgeAgain(positionId: string): Promise<void> {
    const [claimed] = await this.sequelize.query<object>(
      `UPDATE stations SET judged_at = now() WHERE company_id = :companyId AND position_id = :positionId
         AND (judged_at IS NULL OR judged_at < now() - make_interval(secs => ${AGAIN_S})) RETURNING 1 AS one`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), positionId } },
    );
    if (claimed) await this.judgeNow(positionId);
  }

  /** Judges a check whose station is known differently now. Where too much waits, it is judged with the next report. */
  async judgeNow(positionId: string): Promise<void> {
    try {
      await this.judge(positionId);
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
    }
  }

  /** Judges a check by the levels of the last two weeks. */
  private async judge(positionId: string): Promise<void> {
    const station = await this.stations.findOne({ where: { positionId }, rejectOnEmpty: true });
    const last = await this.levels.last(positionId);
    if (!last) return;
    const to = new Date(last.at);
    const levels = await this.levels.between(positionId, new Date(to.getTime() - LOOKED_BACK_MS), to);
    const { wellAreaM2, pumpFlowM3s } = station;
    const diagnosis = await this.threads.run(
      'diagnoseStation',
      { levels: JSON.stringify(levels), wellAreaM2, pumpFlowM3s },
      { sender: currentCompanyId(), mostMs: MOST_MS, insteadOfLong: 'Ask again in a few minutes.' },
    );
    await this.keep(positionId, diagnosis);
  }

  /** Keeps what was said, and writes an entry where the verdict is another than before. */
  private async keep(positionId: string, diagnosis: CheckDiagnosis | null): Promise<void> {
    const verdict = diagnosis && !diagnosis.tooFew ? diagnosis.verdict : null;
    await inTransaction(this.sequelize, async () => {
      const station = await this.stations.findOne({
        where: { positionId },
        lock: true,
        rejectOnEmpty: true,
      });
      const before = station.verdict;
      const found = diagnosis?.sinceS === undefined ? null : new Date(diagnosis.sinceS * 1000);
      // The trouble is as old as it was, also where two weeks do not reach back to its beginning.
      const since =
        verdict === before && station.since && found && station.since < found ? station.since : found;
      await station.update({ verdict, since, diagnosis, judgedAt: new Date() });
      // A log that begins with a check that holds is no news.
      if (verdict === null || verdict === before || (before === null && verdict === 'holding')) return;
      const device = await station.$get('device');
      const write = (): Promise<void> =>
        this.entries.addByDevice(positionId, device?.name ?? 'Level recorder', {
          id: randomUUID(),
          kind: 'found',
          text: VERDICT_SAID[verdict],
          found: { holding: verdict === 'holding' ? 'tight' : 'passes' },
          happenedAt: (since ?? new Date()).toISOString(),
        });
      await inCompany(currentCompanyId(), write, { personId: station.placedBy ?? undefined });
    });
  }
}
