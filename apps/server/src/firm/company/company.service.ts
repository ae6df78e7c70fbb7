import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { HouseRuleSettings, OwnHoldRules } from '@grevik/core';
import { Inject, Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { currentCompanyId, scopeByCompany } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { Company } from './company.model.js';

/** Whether this server shows the demo company. */
export const OFFERS_DEMO = 'offers-demo';

/** Whether anybody may create a company on this server. */
export const COMPANIES_OPEN = 'companies-open';

/** The demo company's. */
export const DEMO_SLUG = 'demo';

/** The company made by versions before people signed in. */
const BEFORE_PEOPLE = 'own';

/** What a company sets for itself. */
interface Settings {
  houseRules: Partial<HouseRuleSettings>;
  holdRules: OwnHoldRules;
  currency: string;
}

const KIND_OF = { houseRules: 'house-rules', holdRules: 'hold-rules', currency: 'currency' } as const;
const FIELDS = Object.keys(KIND_OF) as (keyof Settings)[];

@Injectable()
export class CompanyService {
  constructor(
    @InjectModel(Company) private readonly companies: typeof Company,
    @InjectConnection() private readonly sequelize: Sequelize,
    @Inject(OFFERS_DEMO) private readonly offersDemo: boolean,
    private readonly log: ChangeLog,
    private readonly clusters: Clusters,
  ) {
    scopeByCompany(sequelize);
    log.takesBack(Object.values(KIND_OF), (change) => this.takeBack(change));
  }

  async current(): Promise<Company> {
    return this.companies.findByPk(currentCompanyId(), { rejectOnEmpty: true });
  }

  /** Sets house rules, test pressures or the currency, in the version that was seen. */
  change(version: number, settings: Partial<Settings>): Promise<Company> {
    return inTransaction(this.sequelize, async () => {
      const company = await this.held();
      if (company.version !== version) throw stale('The settings of the company were');
      return this.keep(company, settings);
    });
  }

  private async takeBack({ id, kind, before, after }: Change): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const company = await this.held();
      const field = FIELDS.find((of) => KIND_OF[of] === kind);
      if (!field) throw new Error(`${kind} is no setting of a company`);
      if (!isDeepStrictEqual(company[field], after)) throw stale('That setting was');
      await this.keep(company, { [field]: before }, id);
    });
  }

  private held(): Promise<Company> {
    return this.companies.findByPk(currentCompanyId(), { rejectOnEmpty: true, lock: true });
  }

  private async keep(company: Company, settings: Partial<Settings>, undoes?: string): Promise<Company> {
    for (const field of FIELDS) {
      if (settings[field] === undefined) continue;
      await this.log.record({
        kind: KIND_OF[field],
        what: company.name,
        before: company[field],
        after: settings[field],
        ...(undoes !== undefined && { undoes }),
      });
    }
    return company.update({ ...settings, version: company.version + 1 });
  }

  /** Whether the open company is the one that anybody may look around in. */
  async isDemo(): Promise<boolean> {
    return (await this.current()).slug === DEMO_SLUG;
  }

  /** The demo company; null where this server does not offer it. */
  async demo(): Promise<Company | null> {
    return this.offersDemo
      ? this.clusters.atHome(() => this.companies.findOne({ where: { slug: DEMO_SLUG } }))
      : null;
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

const stale = (what: string): Refusal =>
  new Refusal(409, {
    code: 'stale',
    field: 'version',
    message: `${what} changed in the meantime. Reload it, then change it again.`,
  });
