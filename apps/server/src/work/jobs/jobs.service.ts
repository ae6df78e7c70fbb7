import { isDeepStrictEqual } from 'node:util';
import type { JobView, PositionSummary } from '@grevik/contracts';
import type { HouseRuleSettings } from '@grevik/core';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { UniqueConstraintError, col, fn } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { Line } from '../lines/line.model.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { Job } from './job.model.js';

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

  async get(id: string): Promise<JobView> {
    const job = await this.jobs.findByPk(id, { include: [Line], order: [['lines', 'placeInJob', 'ASC']] });
    if (!job) throw notHere();
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
    if (!job) throw notHere();
    return job.lines.flatMap(({ positions }) =>
      positions.map(({ id, lineId, tag, remarks, duty }) => ({
        id,
        lineId,
        tag,
        remarks,
        function: duty.function,
        dn: duty.dn,
      })),
    );
  }

  /** Sets the house rules of one job, in the version that was seen; what is left out follows the company. */
  async takeSides(id: string, version: number, houseRules: Partial<HouseRuleSettings>): Promise<JobView> {
    await inTransaction(this.sequelize, async () => {
      const job = await this.held(id);
      if (job.version !== version) throw stale(job);
      await this.keepSides(job, houseRules);
    });
    return this.get(id);
  }

  async create(name: string): Promise<JobView> {
    try {
      return await inTransaction(this.sequelize, async () => {
        const job = await this.jobs.create({ name: name.trim() });
        await this.log.record({ kind: 'job', jobId: job.id, what: job.name, before: null, after: { name } });
        return { id: job.id, version: 0, name: job.name, lines: [], houseRules: {} };
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
      await this.keepSides(job, before as Partial<HouseRuleSettings>, id);
    });
  }

  private async held(id: string): Promise<Job> {
    const job = await this.jobs.findByPk(id, { lock: true });
    if (!job) throw notHere();
    return job;
  }

  private async keepSides(job: Job, houseRules: Partial<HouseRuleSettings>, undoes?: string): Promise<void> {
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

const notHere = (): NotFoundException =>
  new NotFoundException('This job was not found. Open the list of jobs.');

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
    houseRules: job.houseRules,
    lines: job.lines.map(({ id, name, medium }) => {
      const of = progress.get(id);
      return { id, name, medium, positions: Number(of?.positions ?? 0), picked: Number(of?.picked ?? 0) };
    }),
  };
}
