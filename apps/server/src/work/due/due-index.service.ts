import {
  type HouseRuleSettings,
  type Interval,
  type OwnInterval,
  type Task,
  dueAt,
  houseRuleSettings,
  intervalsThatCount,
} from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../../ground/database/company-rows.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { idsOrNone, readKeptPositions } from './kept-positions.js';
import { setBy } from './own-interval.model.js';

/** Positions worked out at once. */
const BATCH = 1000;
/** Years pass without a change: a job is looked at again after so many days. */
const LOOK_AGAIN = "interval '7 days'";

interface Stale {
  kind: string;
  jobId: string | null;
  positionId: string | null;
  subjectId: string | null;
}

type SetInterval = OwnInterval & { task: Task; jobId: string | null; positionId: string | null };

/** What changes at once for every job of a company. */
const OF_COMPANY = ['house-rules', 'interval', 'model-list'];

/**
 * The index of what is due: worked out from positions, picks, entries, house rules and intervals, where one of them changed since it was asked last. Nothing in it
 * is known from here alone.
 */
@Injectable()
export class DueIndex {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  /** Brings the index of the open company up to date. Whoever asks at the same time waits. */
  async refresh(now = new Date()): Promise<void> {
    if (!(await this.isOutdated())) return;
    await inTransaction(this.sequelize, async () => {
      const ids = await this.outdated();
      if (ids.length === 0) return;
      const settings = await this.settings();
      const intervals = await this.intervals();
      for (let from = 0; from < ids.length; from += BATCH)
        await this.workOut(ids.slice(from, from + BATCH), { settings, intervals, now });
    });
  }

  private async isOutdated(): Promise<boolean> {
    const [row] = await companyRows<{ is: boolean }>(
      this.sequelize,
      `SELECT EXISTS (SELECT 1 FROM due_stale WHERE company_id = :companyId) OR EXISTS (
         SELECT 1 FROM jobs j LEFT JOIN due_jobs d ON d.company_id = j.company_id AND d.job_id = j.id
         WHERE j.company_id = :companyId AND (d.job_id IS NULL OR d.looked_at < now() - ${LOOK_AGAIN})) AS is`,
    );
    return row?.is ?? true;
  }

  /** Positions to look at again: those a change touched, and those of jobs that were not looked at lately. */
  private async outdated(): Promise<string[]> {
    // One at a time for a company: the second finds nothing left to do.
    await companyRows(
      this.sequelize,
      `SELECT pg_advisory_xact_lock(hashtextextended('due ' || :companyId, 0))`,
    );
    const stale = await companyRows<Stale>(
      this.sequelize,
      `WITH taken AS (DELETE FROM due_stale WHERE company_id = :companyId RETURNING *)
       SELECT DISTINCT kind, job_id AS "jobId", position_id AS "positionId", subject_id AS "subjectId" FROM taken`,
    );
    const all = stale.some(({ kind }) => OF_COMPANY.includes(kind));
    const models = stale.flatMap(({ kind, subjectId }) => (kind === 'model-change' ? (subjectId ?? []) : []));
    const jobs = stale.flatMap(({ jobId, positionId }) => (positionId === null ? (jobId ?? []) : []));
    const positions = stale.flatMap(({ positionId }) => positionId ?? []);
    const newJobs = await companyRows<{ id: string }>(
      this.sequelize,
      `INSERT INTO due_jobs (company_id, job_id)
       SELECT company_id, id FROM jobs WHERE company_id = :companyId
       ON CONFLICT (company_id, job_id) DO UPDATE SET looked_at = now() WHERE due_jobs.looked_at < now() - ${LOOK_AGAIN}
       RETURNING job_id AS id`,
    );
    const rows = await companyRows<{ id: string }>(
      this.sequelize,
      `SELECT id FROM positions WHERE company_id = :companyId AND (:all
         OR id = ANY(ARRAY[:positions]::uuid[])
         OR job_id = ANY(ARRAY[:jobs]::uuid[])
         OR id IN (SELECT position_id FROM picks WHERE company_id = :companyId AND model_id = ANY(ARRAY[:models]::uuid[])))`,
      {
        all,
        positions: idsOrNone(positions),
        jobs: idsOrNone([...jobs, ...newJobs.map(({ id }) => id)]),
        models: idsOrNone(models),
      },
    );
    return rows.map(({ id }) => id);
  }

  private async workOut(
    ids: readonly string[],
    { settings, intervals, now }: { settings: Settings; intervals: readonly SetInterval[]; now: Date },
  ): Promise<void> {
    const positions = await readKeptPositions(this.sequelize, ids);
    const tasks: object[] = [];
    const notOperated: object[] = [];
    for (const position of positions) {
      const { id, jobId } = position;
      const own = intervals.filter(
        (interval) =>
          (interval.positionId === null || interval.positionId === id) &&
          (interval.jobId === null || interval.jobId === jobId),
      );
      const due = dueAt(position, settings(jobId), now, intervalsThatCount(own));
      for (const { task, dueOn, every, why, setBy, lastOn } of due?.tasks ?? [])
        tasks.push({ jobId, id, task, every, why, setBy, ...(lastOn !== undefined && { dueOn }) });
      if (due?.doNotOperate) notOperated.push({ jobId, id, why: due.doNotOperate });
    }
    await companyRows(
      this.sequelize,
      `DELETE FROM due_tasks WHERE company_id = :companyId AND position_id = ANY(ARRAY[:ids]::uuid[])`,
      { ids: idsOrNone(ids) },
    );
    await companyRows(
      this.sequelize,
      `DELETE FROM not_operated WHERE company_id = :companyId AND position_id = ANY(ARRAY[:ids]::uuid[])`,
      { ids: idsOrNone(ids) },
    );
    await companyRows(
      this.sequelize,
      `INSERT INTO due_tasks (company_id, job_id, position_id, task, due_on, every, why, set_by)
       SELECT :companyId, (t->>'jobId')::uuid, (t->>'id')::uuid, t->>'task', (t->>'dueOn')::date, t->'every', t->>'why', t->>'setBy'
       FROM jsonb_array_elements(:tasks::jsonb) t`,
      { tasks: JSON.stringify(tasks) },
    );
    await companyRows(
      this.sequelize,
      `INSERT INTO not_operated (company_id, job_id, position_id, why)
       SELECT :companyId, (t->>'jobId')::uuid, (t->>'id')::uuid, t->>'why' FROM jsonb_array_elements(:rows::jsonb) t`,
      { rows: JSON.stringify(notOperated) },
    );
  }

  /** The house rules in force on each job. */
  private async settings(): Promise<Settings> {
    const rows = await companyRows<{
      id: string;
      own: Partial<HouseRuleSettings>;
      company: Partial<HouseRuleSettings>;
    }>(
      this.sequelize,
      `SELECT j.id, j.house_rules AS own, c.house_rules AS company FROM jobs j JOIN companies c ON c.id = j.company_id
       WHERE j.company_id = :companyId`,
    );
    const known = new Map(
      rows.map(({ id, own, company }) => [id, houseRuleSettings({ ...company, ...own })]),
    );
    return (jobId) => known.get(jobId) ?? houseRuleSettings({});
  }

  private async intervals(): Promise<SetInterval[]> {
    const rows = await companyRows<Omit<SetInterval, 'setBy'> & { every: Interval | null }>(
      this.sequelize,
      `SELECT task, every, because, job_id AS "jobId", position_id AS "positionId" FROM own_intervals WHERE company_id = :companyId`,
    );
    return rows.map((row) => ({ ...row, setBy: setBy(row) }));
  }
}

type Settings = (jobId: string) => HouseRuleSettings;
