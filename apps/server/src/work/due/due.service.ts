import type { DueListView, DueQuery, DueView, NotOperatedView } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../../ground/database/company-rows.js';
import { Job } from '../jobs/job.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { DueIndex } from './due-index.service.js';

/** Tasks shown of a longer list. */
const SHOWN = 500;

/** What is due at the valves in service. */
@Injectable()
export class DueService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Job) private readonly jobs: typeof Job,
    private readonly index: DueIndex,
  ) {}

  /** What is due until a day: from the index, however many positions there are. */
  async list({ until, jobId }: DueQuery): Promise<DueListView> {
    await this.index.refresh();
    const asOf = today();
    const given = { until, asOf, jobId: jobId ?? null };
    const [counts] = await companyRows<Pick<DueListView, 'due' | 'overdue' | 'positions'>>(
      this.sequelize,
      `SELECT count(*)::int AS due, count(*) FILTER (WHERE d.due_on < :asOf)::int AS overdue,
         count(DISTINCT d.position_id)::int AS positions ${FROM_DUE}`,
      given,
    );
    const tasks = await companyRows<DueView>(
      this.sequelize,
      `SELECT d.position_id AS "positionId", p.tag, p.remarks, (p.duty->>'dn')::float8 AS dn, d.job_id AS "jobId", j.name AS "jobName",
         p.line_id AS "lineId", l.name AS "lineName", l.medium, d.task, to_char(d.due_on, 'YYYY-MM-DD') AS "dueOn", d.every, d.why, d.set_by AS "setBy"
       ${FROM_DUE} ORDER BY d.due_on NULLS FIRST, p.tag, d.task LIMIT ${SHOWN}`,
      given,
    );
    const notOperated = await companyRows<NotOperatedView>(
      this.sequelize,
      `SELECT n.position_id AS "positionId", p.tag, n.job_id AS "jobId", p.line_id AS "lineId", n.why
       FROM not_operated n JOIN positions p ON p.company_id = n.company_id AND p.id = n.position_id
         JOIN jobs j ON j.company_id = n.company_id AND j.id = n.job_id AND j.archived_at IS NULL
       WHERE n.company_id = :companyId AND (:jobId::uuid IS NULL OR n.job_id = :jobId) ORDER BY p.tag LIMIT ${SHOWN}`,
      given,
    );
    return { asOf, until, due: 0, overdue: 0, positions: 0, ...counts, tasks, notOperated };
  }

  /** Positions of a job at which something is overdue: what every screen of a line marks. */
  async overdueAt(jobId: string): Promise<string[]> {
    if ((await this.jobs.count({ where: { id: jobId } })) === 0) throw jobNotFound();
    await this.index.refresh();
    const rows = await companyRows<{ id: string }>(
      this.sequelize,
      `SELECT DISTINCT position_id AS id FROM due_tasks
       WHERE company_id = :companyId AND job_id = :jobId AND due_on < :asOf`,
      { jobId, asOf: today() },
    );
    return rows.map(({ id }) => id);
  }
}

const today = (): string => new Date().toISOString().slice(0, 10);

const FROM_DUE = `
  FROM due_tasks d
    JOIN positions p ON p.company_id = d.company_id AND p.id = d.position_id
    JOIN jobs j ON j.company_id = d.company_id AND j.id = d.job_id AND j.archived_at IS NULL
    JOIN lines l ON l.company_id = p.company_id AND l.id = p.line_id
  WHERE d.company_id = :companyId AND (d.due_on IS NULL OR d.due_on <= :until) AND (:jobId::uuid IS NULL OR d.job_id = :jobId)`;
