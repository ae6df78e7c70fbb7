import { type HouseRuleSettings, followedHouseRules, houseRuleSettings } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
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
    return houseRuleSettings({
      ...followedHouseRules(company.ownGates),
      ...company.houseRules,
      ...job?.houseRules,
    });
  }
}
