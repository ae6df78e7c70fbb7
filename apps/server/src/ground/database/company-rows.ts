import { QueryTypes, type Sequelize } from 'sequelize';
import { currentCompanyId } from './company-scope.js';

/**
 * Rows of a query written by hand, for the company that is open: it narrows itself by `:companyId`.
 *
 * @param replacements what stands in it beside the company
 */
export const companyRows = <T extends object>(
  sequelize: Sequelize,
  sql: string,
  replacements: Readonly<Record<string, unknown>> = {},
): Promise<T[]> =>
  sequelize.query<T>(sql, {
    type: QueryTypes.SELECT,
    replacements: { companyId: currentCompanyId(), ...replacements },
  });
