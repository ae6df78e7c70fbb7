import { type HouseRuleSettings, followedHouseRules, houseRuleSettings } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Company } from '../../firm/company/company.model.js';
import { CompanyService } from '../../firm/company/company.service.js';
import { Job } from './job.model.js';

/** The settings in force on a job: its own, else the company's, else what the company's own valves say, else the defaults. */
@Injectable()
export class JobHouseRules {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    private readonly company: CompanyService,
  ) {}

  async of(jobId: string): Promise<HouseRuleSettings> {
    const [company, job] = await Promise.all([
      this.company.current(),
      this.jobs.findByPk(jobId, { attributes: ['houseRules'] }),
    ]);
    return settingsOf(company, job);
  }

  /** The same of many jobs, by their ids. */
  async ofEach(jobIds: Iterable<string>): Promise<Map<string, HouseRuleSettings>> {
    const [company, jobs] = await Promise.all([
      this.company.current(),
      this.jobs.findAll({ where: { id: [...jobIds] }, attributes: ['id', 'houseRules'] }),
    ]);
    return new Map(jobs.map((job) => [job.id, settingsOf(company, job)]));
  }
}

const settingsOf = ({ ownGates, houseRules }: Company, job: Job | null): HouseRuleSettings =>
  houseRuleSettings({ ...followedHouseRules(ownGates), ...houseRules, ...job?.houseRules });
