import { randomUUID } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId, scopeByCompany } from './company-scope.js';
import { Company } from './company.model.js';

/** Whether this server shows the demo company. */
export const OFFERS_DEMO = 'offers-demo';

/** The company made by versions before people signed in. */
const BEFORE_PEOPLE = 'own';

@Injectable()
export class CompanyService {
  constructor(
    @InjectModel(Company) private readonly companies: typeof Company,
    @InjectConnection() sequelize: Sequelize,
    @Inject(OFFERS_DEMO) private readonly offersDemo: boolean,
  ) {
    scopeByCompany(sequelize);
  }

  async current(): Promise<Company> {
    return this.companies.findByPk(currentCompanyId(), { rejectOnEmpty: true });
  }

  /** The demo company; null where this server does not offer it. */
  async demo(): Promise<Company | null> {
    return this.offersDemo ? this.companies.findOne({ where: { slug: 'demo' } }) : null;
  }

  /** A company for a new owner: the one from before people signed in, where it still waits for its owner, else a new one. */
  async start(name: string): Promise<Company> {
    const waiting = await this.companies.findOne({
      where: { slug: BEFORE_PEOPLE },
      lock: true,
    });
    const slug = randomUUID();
    if (waiting) return waiting.update({ slug, name });
    return this.companies.create({ slug, name, currency: 'USD' });
  }
}
