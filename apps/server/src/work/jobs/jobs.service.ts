import { isDeepStrictEqual } from 'node:util';
import type { JobListing, JobName, JobView, PositionSummary } from '@grevik/contracts';
import type { HouseRuleSettings } from '@grevik/core';
import { ConflictException, Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes, UniqueConstraintError, col, fn } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId, currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { Line } from '../lines/line.model.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { Job } from './job.model.js';
import { jobNotFound } from './job-not-found.js';

/** Found by the indexes over company and job of positions and of changes. */
const LISTINGS = `
  SELECT j.id, j.name, coalesce(l.lines, 0) AS lines, coalesce(p.positions, 0) AS positions, coalesce(p.picked, 0) AS picked,
    coalesce(p.urgent, 0) AS urgent,
    to_char(coalesce(c.at, j.created_at) AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "touchedAt",
    coalesce(c.mine, false) AS "isMine",
    to_char(j.archived_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "archivedAt"
  FROM jobs j
    LEFT JOIN (SELECT job_id, count(*)::int AS lines FROM lines WHERE company_id = :companyId GROUP BY 1) l ON l.job_id = j.id
    LEFT JOIN (
      SELECT p.job_id, count(*)::int AS positions, count(k.position_id)::int AS picked,
        (count(*) FILTER (WHERE turning = 'seized' OR holding = 'passes' OR leaking <> 'no'))::int AS urgent
      FROM positions p LEFT JOIN picks k ON k.company_id = p.company_id AND k.position_id = p.id WHERE p.company_id = :companyId GROUP BY 1
    ) p ON p.job_id = j.id
    LEFT JOIN (
      SELECT job_id, max(at) AS at, bool_or(person_id = :personId) AS mine FROM changes WHERE company_id = :companyId GROUP BY 1
    ) c ON c.job_id = j.id
  WHERE j.company_id = :companyId
  ORDER BY coalesce(c.at, j.created_at) DESC, j.name`;

interface Progress {
  lineId: string;
  positions: string;
  picked: string;
}

@Injectable()
export class JobsService {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['job-house-rules'], (change) => this.takeBack(change));
    log.takesBack(['job-archive'], (change) => this.takeArchivingBack(change));
  }

  async list(): Promise<JobView[]> {
    const jobs = await this.jobs.findAll({
      include: [Line],
      order: [
        ['name', 'ASC'],
        ['lines', 'placeInJob', 'ASC'],
      ],
    });
    const progress = await this.progressByLine();
    return jobs.map((job) => viewOf(job, progress));
  }

  /** Every job by its name. */
  async names(): Promise<JobName[]> {
    const jobs = await this.jobs.findAll({ attributes: ['id', 'name'], order: [['name', 'ASC']] });
    return jobs.map(({ id, name }) => ({ id, name }));
  }

  /** Every job as the list of jobs shows it, those that were changed last first. */
  listings(): Promise<JobListing[]> {
    return this.sequelize.query<JobListing>(LISTINGS, {
      type: QueryTypes.SELECT,
      replacements: { companyId: currentCompanyId(), personId: currentPersonId() },
    });
  }

  /** Puts a job out of the way of those that are worked on, or restores it; one that is so already stays as it is. */
  async archive(id: string, archived: boolean): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const job = await this.held(id);
      if ((job.archivedAt !== null) !== archived) await this.keepArchived(job, archived);
    });
  }

  async get(id: string): Promise<JobView> {
    const job = await this.jobs.findByPk(id, { include: [Line], order: [['lines', 'placeInJob', 'ASC']] });
    if (!job) throw jobNotFound();
    return viewOf(job, await this.progressByLine({ jobId: id }));
  }

  async positionsOf(jobId: string): Promise<PositionSummary[]> {
    const job = await this.jobs.findByPk(jobId, {
      include: [{ model: Line, include: [Position] }],
      order: [
        ['lines', 'placeInJob', 'ASC'],
        ['lines', 'positions', 'placeOnLine', 'ASC'],
      ],
    });
    if (!job) throw jobNotFound();
    return job.lines.flatMap(({ positions }) =>
      positions.map(({ id, lineId, tag, remarks, duty, condition }) => ({
        id,
        lineId,
        tag,
        remarks,
        function: duty.function,
        dn: duty.dn,
        condition,
      })),
    );
  }

  /** Sets the house rules of one job, in the version that was seen; what is left out follows the company. */
  async takeOptions(id: string, version: number, houseRules: Partial<HouseRuleSettings>): Promise<JobView> {
    await inTransaction(this.sequelize, async () => {
      const job = await this.held(id);
      if (job.version !== version) throw stale(job);
      await this.keepOptions(job, houseRules);
    });
    return this.get(id);
  }

  async create(name: string): Promise<JobView> {
    try {
      return await inTransaction(this.sequelize, async () => {
        const job = await this.jobs.create({ name: name.trim() });
        await this.log.record({ kind: 'job', jobId: job.id, what: job.name, before: null, after: { name } });
        return { id: job.id, version: 0, name: job.name, archivedAt: null, lines: [], houseRules: {} };
      });
    } catch (error) {
      if (error instanceof UniqueConstraintError)
        throw new ConflictException(`There is already a job called “${name.trim()}”. Enter another name.`);
      throw error;
    }
  }

  private async takeBack({ id, jobId, before, after }: Change): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const job = await this.held(jobId ?? '');
      if (!isDeepStrictEqual(job.houseRules, after)) throw stale(job);
      await this.keepOptions(job, before as Partial<HouseRuleSettings>, id);
    });
  }

  private async takeArchivingBack({ id, jobId, after }: Change): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const job = await this.held(jobId ?? '');
      const { archived } = after as { archived: boolean };
      if ((job.archivedAt !== null) !== archived)
        throw new Refusal(409, {
          code: 'conflict',
          message: `${job.name} was ${archived ? 'restored' : 'archived'} since. Check the list of jobs.`,
        });
      await this.keepArchived(job, !archived, id);
    });
  }

  private async keepArchived(job: Job, archived: boolean, undoes?: string): Promise<void> {
    await this.log.record({
      kind: 'job-archive',
      jobId: job.id,
      what: job.name,
      before: { archived: !archived },
      after: { archived },
      ...(undoes !== undefined && { undoes }),
    });
    await job.update({ archivedAt: archived ? new Date() : null });
  }

  private async held(id: string): Promise<Job> {
    const job = await this.jobs.findByPk(id, { lock: true });
    if (!job) throw jobNotFound();
    return job;
  }

  private async keepOptions(
    job: Job,
    houseRules: Partial<HouseRuleSettings>,
    undoes?: string,
  ): Promise<void> {
    await this.log.record({
      kind: 'job-house-rules',
      jobId: job.id,
      what: job.name,
      before: job.houseRules,
      after: houseRules,
      ...(undoes !== undefined && { undoes }),
    });
    await job.update({ houseRules, version: job.version + 1 });
  }

  /** How many positions each line has, and how many of them are picked. */
  private async progressByLine(where: { jobId?: string } = {}): Promise<Map<string, Progress>> {
    const rows = (await this.positions.findAll({
      where,
      attributes: [
        'lineId',
        [fn('count', col('Position.id')), 'positions'],
        [fn('count', col('pick.position_id')), 'picked'],
      ],
      include: [{ model: Pick, attributes: [] }],
      group: ['Position.line_id'],
      raw: true,
    })) as unknown as Progress[];
    return new Map(rows.map((row) => [row.lineId, row]));
  }
}

const stale = ({ name }: Job): Refusal =>
  new Refusal(409, {
    code: 'stale',
    field: 'version',
    message: `The house rules of ${name} were changed in the meantime. Reload them, then change them again.`,
  });

function viewOf(job: Job, progress: ReadonlyMap<string, Progress>): JobView {
  return {
    id: job.id,
    version: job.version,
    name: job.name,
    archivedAt: job.archivedAt?.toISOString() ?? null,
    houseRules: job.houseRules,
    lines: job.lines.map(({ id, name, medium }) => {
      const of = progress.get(id);
      return { id, name, medium, positions: Number(of?.positions ?? 0), picked: Number(of?.picked ?? 0) };
    }),
  };
}
