import type { ChangeKind } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { companyRows } from '../../ground/database/company-rows.js';
import { Queue, type TaskRun } from '../../ground/queue/queue.service.js';
import { JobOutlookService } from '../board/job-outlook.service.js';
import { ServedValves } from '../budget/served-valves.service.js';

/** What every job is judged by. */
const JUDGED_BY: readonly ChangeKind[] = [
  'model-add',
  'model-change',
  'model-retire',
  'model-list',
  'house-rules',
];

/** Judges every job anew after the catalogue or the house rules are others: whoever opens one, or a budget, then need not wait. */
@Injectable()
export class JudgeJobs {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly outlooks: JobOutlookService,
    private readonly served: ServedValves,
    log: ChangeLog,
    queue: Queue,
  ) {
    queue.does<object>('judge-jobs', (run) => this.judgeAll(run));
    log.follows(JUDGED_BY, () => queue.addUnlessWaiting('judge-jobs', 'all jobs', {}));
  }

  private async judgeAll({ progress }: TaskRun<object>): Promise<void> {
    const jobs = await companyRows<{ id: string }>(
      this.sequelize,
      'SELECT id FROM jobs WHERE company_id = :companyId AND archived_at IS NULL ORDER BY created_at DESC',
    );
    for (const [at, { id }] of jobs.entries()) {
      await progress(at, jobs.length);
      await this.outlooks.of(id);
      await this.served.workOutOf(id);
    }
    await progress(jobs.length, jobs.length);
  }
}
