import { Op, type WhereOptions } from 'sequelize';
import type { Model, ModelStatic, Sequelize } from 'sequelize';
import { type AskedBy, currentPerson, currentScope, runInScope } from './work-context.js';

/**
 * Runs work for one company: every query in it sees and writes only that company's rows.
 *
 * @param by who does it; nobody unless given
 */
export const inCompany = <T>(companyId: string, work: () => T, by: AskedBy = {}): T =>
  runInScope({ companyId, ...by }, work);

/** The company the current work is for. Throws outside of one: no query may run for nobody. */
export function currentCompanyId(): string {
  const scope = currentScope();
  if (scope === undefined || scope === 'across') throw new Error('no company is open for this query');
  return scope.companyId;
}

/** Who does the current work. Throws where nobody is signed in: no change is made by nobody. */
export function currentPersonId(): string {
  const personId = currentPerson();
  if (personId === undefined) throw new Error('nobody is signed in for this change');
  return personId;
}

interface Filtered {
  where?: WhereOptions;
}

interface Included extends Filtered {
  model: unknown;
  include?: Included[];
}

const isCompanys = (model: unknown): boolean =>
  Object.hasOwn((model as ModelStatic<Model>).rawAttributes ?? {}, 'companyId');

/**
 * The one place that keeps companies apart: hooks on every query of every model that carries a company. Reads, bulk changes and deletes are
 * narrowed to the open company, new rows get it, and a row of another company cannot be saved.
 */
export function scopeByCompany(sequelize: Sequelize): void {
  const narrowBy = (column: 'companyId' | 'company_id') =>
    function narrow(this: unknown, options: Filtered): void {
      if (!isCompanys(this)) return;
      const own = { [column]: currentCompanyId() };
      options.where = options.where ? { [Op.and]: [options.where, own] } : own;
    };
  const narrowReading = narrowBy('companyId');
  // What is read along is joined by the company as well: every key leads with it.
  function narrowIncluded({ include = [] }: { include?: Included[] }): void {
    for (const included of include) {
      narrowBy('company_id').call(included.model, included);
      narrowIncluded(included);
    }
  }
  function own(row: Model): void {
    if (!isCompanys(row.constructor)) return;
    const companyId = currentCompanyId();
    // As a part of the key it would not be set a second time.
    if (row.isNewRecord) row.setDataValue('companyId', companyId);
    else if (row.get('companyId') !== companyId)
      throw new Error('a row of another company cannot be changed');
  }
  for (const event of ['beforeFind', 'beforeCount'] as const) {
    sequelize.addHook(event, function (this: unknown, options: Filtered) {
      if (currentScope() !== 'across') narrowReading.call(this, options);
    });
  }
  sequelize.addHook('beforeFindAfterOptions', (options) => {
    // By now Sequelize has turned what is read along into one form.
    if (currentScope() !== 'across') narrowIncluded(options as { include?: Included[] });
  });
  sequelize.addHook('beforeBulkUpdate', narrowReading);
  // Sequelize has turned names into columns by the time it asks about a bulk delete.
  sequelize.addHook('beforeBulkDestroy', narrowBy('company_id'));
  for (const event of ['beforeValidate', 'beforeDestroy'] as const) sequelize.addHook(event, own);
  sequelize.addHook('beforeBulkCreate', (rows: Model[]) => rows.forEach(own));
}
