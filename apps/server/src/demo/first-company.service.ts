import { type Medium, type PositionDuty, lineUp, pickReason } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueModelRow } from '../catalogue/catalogue-model.model.js';
import { CatalogueService } from '../catalogue/catalogue.service.js';
import { inCompany } from '../company/company-scope.js';
import { Company } from '../company/company.model.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { DEMO_CATALOGUE } from './demo-catalogue.js';
import { DEMO_JOB, DEMO_LINES } from './demo-job.js';

const COMPANIES = {
  demo: { slug: 'demo', name: 'Tarnside Plumbing and Waterworks', currency: 'USD' },
  own: { slug: 'own', name: 'Your company', currency: 'USD' },
};

interface DemoPick {
  medium: Medium;
  duty: PositionDuty;
  picked: string;
}

/** Makes the company a server opens, once: the demo company with its catalogue and job, or an empty one of one's own. */
@Injectable()
export class FirstCompany {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Company) private readonly companies: typeof Company,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Pick) private readonly picks: typeof Pick,
    @InjectModel(CatalogueModelRow) private readonly models: typeof CatalogueModelRow,
    private readonly catalogue: CatalogueService,
  ) {}

  /** The company's id. Whatever was entered in it before is kept. */
  ensure(which: 'demo' | 'own'): Promise<string> {
    return this.sequelize.transaction(async (transaction) => {
      const [company, made] = await this.companies.findOrCreate({
        where: { slug: COMPANIES[which].slug },
        defaults: COMPANIES[which],
        transaction,
      });
      if (made && which === 'demo') {
        await inCompany(company.id, async () => {
          await this.catalogue.add(DEMO_CATALOGUE, transaction);
          await this.addJob(transaction);
        });
      }
      return company.id;
    });
  }

  private async addJob(transaction: Transaction): Promise<void> {
    const job = await this.jobs.create({ name: DEMO_JOB }, { transaction });
    for (const [placeInJob, { name, medium, positions }] of DEMO_LINES.entries()) {
      const line = await this.lines.create({ jobId: job.id, name, medium, placeInJob }, { transaction });
      for (const [placeOnLine, { tag, remarks, duty, picked }] of positions.entries()) {
        const position = await this.positions.create(
          { jobId: job.id, lineId: line.id, tag, remarks, duty, placeOnLine },
          { transaction },
        );
        if (picked) await this.addPick(position.id, { medium, duty, picked }, transaction);
      }
    }
  }

  private async addPick(
    positionId: string,
    { medium, duty, picked }: DemoPick,
    transaction: Transaction,
  ): Promise<void> {
    const column = lineUp({ ...duty, medium }, DEMO_CATALOGUE).columns.find(
      ({ model }) => `${model.maker} ${model.model}` === picked,
    );
    if (!column || column.verdict === 'out') throw new Error(`the demo picks ${picked}, which is ruled out`);
    const { maker, model } = column.model;
    const row = await this.models.findOne({ where: { maker, model }, transaction, rejectOnEmpty: true });
    await this.picks.create(
      { positionId, modelId: row.id, reason: pickReason(column), verdict: column.verdict },
      { transaction },
    );
  }
}
