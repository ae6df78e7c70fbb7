import type { JobView, PositionSummary } from '@grevik/contracts';
import type { HouseSides } from '@grevik/core';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { UniqueConstraintError, col, fn } from 'sequelize';
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
  ) {}

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

  /** Takes sides for one job; what is left out follows the company. */
  async takeSides(id: string, houseRules: Partial<HouseSides>): Promise<JobView> {
    const job = await this.jobs.findByPk(id);
    if (!job) throw notHere();
    await job.update({ houseRules });
    return this.get(id);
  }

  async create(name: string): Promise<JobView> {
    try {
      const job = await this.jobs.create({ name: name.trim() });
      return { id: job.id, name: job.name, lines: [], houseRules: {} };
    } catch (error) {
      if (error instanceof UniqueConstraintError)
        throw new ConflictException(
          `There is a job called “${name.trim()}” already. Give this one another name.`,
        );
      throw error;
    }
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
  new NotFoundException('That job is not here. Open the list of jobs.');

function viewOf(job: Job, progress: ReadonlyMap<string, Progress>): JobView {
  return {
    id: job.id,
    name: job.name,
    houseRules: job.houseRules,
    lines: job.lines.map(({ id, name, medium }) => {
      const of = progress.get(id);
      return { id, name, medium, positions: Number(of?.positions ?? 0), picked: Number(of?.picked ?? 0) };
    }),
  };
}
