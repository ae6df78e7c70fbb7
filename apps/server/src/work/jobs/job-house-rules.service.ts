import { type HouseRuleSettings, type OwnGates, followedHouseRules, houseRuleSettings } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../../ground/database/company-rows.js';
import { jobNotFound } from './job-not-found.js';

interface Row {
  id: string;
  ownGates: OwnGates;
  ofCompany: Partial<HouseRuleSettings>;
  ofJob: Partial<HouseRuleSettings>;
}

/** The settings in force on a job: its own, else the company's, else what the company's own valves say, else the defaults. */
@Injectable()
export class JobHouseRules {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  async of(jobId: string): Promise<HouseRuleSettings> {
    const settings = (await this.ofEach([jobId])).get(jobId);
    if (!settings) throw jobNotFound();
    return settings;
  }

  /** The same of many jobs, by their ids. */
  async ofEach(jobIds: Iterable<string>): Promise<Map<string, HouseRuleSettings>> {
    const ids = [...jobIds];
    if (ids.length === 0) return new Map();
    const rows = await companyRows<Row>(
      this.sequelize,
      `SELECT j.id, c.own_gates AS "ownGates", c.house_rules AS "ofCompany", j.house_rules AS "ofJob"
       FROM jobs j JOIN companies c ON c.id = j.company_id WHERE j.company_id = :companyId AND j.id IN (:ids)`,
      { ids },
    );
    return new Map(
      rows.map(({ id, ownGates, ofCompany, ofJob }) => [
        id,
        houseRuleSettings({ ...followedHouseRules(ownGates), ...ofCompany, ...ofJob }),
      ]),
    );
  }
}
