import type { IntervalRequest, OwnIntervalView } from '@grevik/contracts';
import {
  type ChangeKind,
  InvalidInput,
  type Interval,
  type SetBy,
  type Task,
  TASK_WORDS,
  readInterval,
} from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { isDeepStrictEqual } from 'node:util';
import type { Sequelize } from 'sequelize-typescript';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { companyRows } from '../../ground/database/company-rows.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { Job } from '../jobs/job.model.js';
import { positionNotFound } from '../positions/position-not-found.js';
import { Position } from '../positions/position.model.js';
import { OwnIntervalRow, setBy } from './own-interval.model.js';

/** Of what an interval is: at most one of the two; neither: of the company. */
interface Of {
  jobId: string | null;
  positionId: string | null;
  task: Task;
}

/** What was set; undefined where the usual interval counts. */
type Kept = { every: Interval | null; because: string } | null;

const KIND_OF: Readonly<Record<SetBy, ChangeKind>> = {
  company: 'interval',
  job: 'interval-of-job',
  position: 'interval-of-position',
};

/** Intervals that a company sets for itself, a job or one position. */
@Injectable()
export class IntervalsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(OwnIntervalRow) private readonly intervals: typeof OwnIntervalRow,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(Object.values(KIND_OF), (change) => this.takeBack(change));
  }

  /** Every interval that was set, with who and why. */
  async list(): Promise<OwnIntervalView[]> {
    const rows = await companyRows<Omit<OwnIntervalView, 'at' | 'setBy'> & { at: Date }>(
      this.sequelize,
      `SELECT i.id, i.task, i.every, i.because, i.job_id AS "jobId", i.position_id AS "positionId", p.tag, b.name AS by, i.set_at AS at
       FROM own_intervals i JOIN people b ON b.company_id = i.company_id AND b.id = i.person_id
         LEFT JOIN positions p ON p.company_id = i.company_id AND p.id = i.position_id
       WHERE i.company_id = :companyId ORDER BY i.task, i.set_at`,
    );
    return rows.map((row) => ({ ...row, setBy: setBy(row), at: row.at.toISOString() }));
  }

  /** Sets an interval in place of the usual one. */
  async set({ interval, ...of }: IntervalRequest): Promise<void> {
    const { jobId, positionId } = { jobId: of.jobId ?? null, positionId: of.positionId ?? null };
    if (jobId !== null && positionId !== null)
      throw new InvalidInput(
        'positionId',
        'positionId and jobId are both given: an interval is of a job, of a position, or of neither.',
      );
    const { task, because } = interval;
    const kept = { every: readInterval(interval), because: because.trim() };
    await inTransaction(this.sequelize, () => this.change({ jobId, positionId, task }, kept));
  }

  /** Back to the interval that counts without it. */
  async remove(id: string): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const row = await this.intervals.findOne({ where: { id }, lock: true });
      if (!row) throw new NotFoundException('This interval is no longer set. Reload the page.');
      await this.change(row, null);
    });
  }

  private async change({ jobId, positionId, task }: Of, kept: Kept, undoes?: string): Promise<void> {
    const of = { jobId, positionId, task };
    const job = await this.jobOf(of);
    const before = await this.intervals.findOne({ where: of, lock: true });
    await this.log.record({
      kind: KIND_OF[setBy(of)],
      jobId: job,
      positionId,
      what: TASK_WORDS[task],
      before: { of, kept: before && { every: before.every, because: before.because } },
      after: { of, kept },
      ...(undoes !== undefined && { undoes }),
    });
    await before?.destroy();
    if (kept) await this.intervals.create({ ...of, ...kept, personId: currentPersonId() });
  }

  private async jobOf({ jobId, positionId }: Of): Promise<string | null> {
    if (positionId !== null) {
      const position = await this.positions.findByPk(positionId, { attributes: ['jobId'] });
      if (!position) throw positionNotFound();
      return position.jobId;
    }
    if (jobId !== null && (await this.jobs.count({ where: { id: jobId } })) === 0)
      throw new NotFoundException('This job was not found. Open the list of jobs again.');
    return jobId;
  }

  private async takeBack({ id, before, after }: Change): Promise<void> {
    const { of, kept } = after as { of: Of; kept: Kept };
    await inTransaction(this.sequelize, async () => {
      const row = await this.intervals.findOne({ where: { ...of }, lock: true });
      const now = row && { every: row.every, because: row.because };
      if (!isDeepStrictEqual(now, kept))
        throw new Refusal(409, {
          code: 'stale',
          message: 'That interval was changed in the meantime. Reload it, then change it again.',
        });
      await this.change(of, (before as { kept: Kept }).kept, id);
    });
  }
}
