import { ownGates } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Company } from '../../firm/company/company.model.js';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import { livesOf } from '../budget/lives-of.js';
import { readServedRows } from '../budget/served-rows.js';
import type { Entry } from './entry.model.js';

type Written = Pick<Entry, 'kind' | 'found' | 'visit'>;

/** Keeps what the company's own solid gates say up to date: the house rule on gates follows them. */
@Injectable()
export class OwnGatesService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Company) private readonly companies: typeof Company,
  ) {}

  /** Counts them again where something was written that ends a life. */
  async after(written: readonly Written[]): Promise<void> {
    if (!written.some(endsLife)) return;
    const rows = await readServedRows(this.sequelize, 'lives');
    await this.companies.update(
      { ownGates: ownGates(rows.flatMap(livesOf)) },
      { where: { id: currentCompanyId() } },
    );
  }
}

function endsLife({ kind, found, visit }: Written): boolean {
  const { turning, holding } = { ...found, ...visit };
  return kind === 'replaced' || turning === 'seized' || holding === 'passes';
}
