import type { HouseRuleSettings, Medium, LineFacts } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Refusal } from '../../ground/errors/refusal.js';
import { Line } from '../lines/line.model.js';
import { Job } from './job.model.js';
import { jobNotFound } from './job-not-found.js';

/** A job with its lines out to an archive, and back under a name of its own. */
@Injectable()
export class ArchivedJobs {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Line) private readonly lines: typeof Line,
  ) {}

  async of(jobId: string): Promise<Job> {
    const job = await this.jobs.findByPk(jobId, {
      include: [Line],
      order: [['lines', 'placeInJob', 'ASC']],
    });
    if (!job) throw jobNotFound();
    return job;
  }

  /** @throws Refusal 409 where there is a job of that name */
  async add(name: string, houseRules: Partial<HouseRuleSettings> | undefined): Promise<Job> {
    const [job, isNew] = await this.jobs.findOrCreate({ where: { name: name.trim() } });
    if (!isNew)
      throw new Refusal(409, {
        code: 'conflict',
        field: 'job',
        message: `There is already a job called “${name}”. Rename one of them.`,
      });
    return houseRules ? job.update({ houseRules }) : job;
  }

  /** @returns its new id */
  async addLine(line: {
    jobId: string;
    name: string;
    medium: Medium;
    placeInJob: number;
    facts?: LineFacts;
  }): Promise<string> {
    return (await this.lines.create(line)).id;
  }
}
