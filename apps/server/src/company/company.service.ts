import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId, scopeByCompany } from './company-scope.js';
import { Company } from './company.model.js';

@Injectable()
export class CompanyService {
  private openId = '';

  constructor(
    @InjectModel(Company) private readonly companies: typeof Company,
    @InjectConnection() sequelize: Sequelize,
  ) {
    scopeByCompany(sequelize);
  }

  /** Says which company requests are for. Until people sign in, a server opens one. */
  open(companyId: string): void {
    this.openId = companyId;
  }

  get openCompanyId(): string {
    return this.openId;
  }

  async current(): Promise<Company> {
    return this.companies.findByPk(currentCompanyId(), { rejectOnEmpty: true });
  }
}
