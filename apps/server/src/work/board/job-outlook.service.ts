import type { JobOutlookView } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueService } from '../../firm/catalogue/catalogue.service.js';
import { workedOut } from '../../ground/database/worked-out.js';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';
import { JobHouseRules } from '../jobs/job-house-rules.service.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import type { JobOutlookTask } from './job-outlook.js';
import { readPositions } from '../positions/read-positions.js';

/** What to ask first on a whole job, and which picks their duty has outgrown. */
@Injectable()
export class JobOutlookService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Line) private readonly lines: typeof Line,
    private readonly catalogue: CatalogueService,
    private readonly settings: JobHouseRules,
    private readonly threads: WorkThreads,
  ) {}

  async of(jobId: string): Promise<JobOutlookView> {
    if ((await this.jobs.count({ where: { id: jobId } })) === 0) throw jobNotFound();
    const lines = await this.lines.findAll({ where: { jobId }, order: [['placeInJob', 'ASC']], raw: true });
    const bought = await this.bought(jobId);
    const positions = [];
    for (const { id, medium } of lines)
      for (const { id: of, duty, pick, condition } of await readPositions(this.sequelize, id))
        // What is bought, or in the pipe and not to be changed, is asked of nobody.
        if (!bought.has(of) && (pick !== null || condition.at === undefined))
          positions.push({ id: of, duty: { ...duty, medium }, edges: pick?.edges ?? [] });
    const models = (await this.catalogue.list()).filter(({ retired }) => !retired);
    const task = { positions, models, settings: await this.settings.of(jobId) };
    // Once for every server: the board is opened more often than a job changes.
    const outlooks = await workedOut(this.sequelize, 'job-outlook', new Map([[jobId, task]]), (given) =>
      Promise.all(given.map((of) => this.workOut(of))),
    );
    return outlooks.get(jobId) as JobOutlookView;
  }

  private workOut(task: JobOutlookTask): Promise<JobOutlookView> {
    return this.threads.run('jobOutlook', task, {
      sender: currentCompanyId(),
      mostMs: 20_000,
      insteadOfLong: 'Open the lines one by one: each line-up says what to ask first.',
    });
  }

  /** Positions whose valve is on an order that was sent. */
  private async bought(jobId: string): Promise<Set<string>> {
    const rows = await this.sequelize.query<{ id: string }>(
      `SELECT DISTINCT p.id FROM orders o JOIN order_lines l ON l.company_id = o.company_id AND l.order_id = o.id,
         unnest(l.positions) AS p (id)
       WHERE o.company_id = :companyId AND o.job_id = :jobId AND o.state <> 'draft'`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), jobId } },
    );
    return new Set(rows.map(({ id }) => id));
  }
}
