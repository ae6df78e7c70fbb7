import { createHash } from 'node:crypto';
import { QueryTypes, type Sequelize } from 'sequelize';
import { companyRows } from './company-rows.js';
import { THREADS_EACH } from '../threads/work-threads.service.js';
import { currentCompanyId } from './company-scope.js';

/** Subjects worked out and stored together: what was done stays, also where the rest is too much for one request. */
const AT_ONCE = 200;

/**
 * Results of long work, each worked out once for what it is worked out from, for every server: kept with a fingerprint of it.
 *
 * @param kind  of result
 * @param given by the id of its subject, what its result is worked out from
 * @param work  works out the results of some subjects, in their order
 * @returns by the id of its subject, each result
 */
export async function workedOut<Given, Result extends object>(
  sequelize: Sequelize,
  kind: 'job-outlook' | 'line-outages',
  given: ReadonlyMap<string, Given>,
  work: (given: Given[]) => Promise<Result[]>,
): Promise<Map<string, Result>> {
  const bases = new Map(
    [...given].map(([id, of]) => [id, createHash('sha256').update(JSON.stringify(of)).digest('base64')]),
  );
  const known = await companyRows<{ id: string; basis: string; result: Result }>(
    sequelize,
    `SELECT w.subject_id AS id, w.basis, w.result FROM jsonb_array_elements_text(:ids::jsonb) AS asked(id)
     JOIN worked_out w ON w.company_id = :companyId AND w.kind = :kind AND w.subject_id = asked.id::uuid`,
    { kind, ids: JSON.stringify([...given.keys()]) },
  );
  const results = new Map(
    known.filter(({ id, basis }) => bases.get(id) === basis).map(({ id, result }) => [id, result]),
  );
  const missing = [...given].filter(([id]) => !results.has(id));
  // As many parts at once as one company has threads.
  const lane = async (): Promise<void> => {
    for (let part = missing.splice(0, AT_ONCE); part.length > 0; part = missing.splice(0, AT_ONCE)) {
      const found = await work(part.map(([, of]) => of)).catch((error: unknown) => {
        // What has begun is ended and stored; nothing else is begun.
        missing.length = 0;
        throw error;
      });
      const rows = part.map(([id], at) => ({ id, basis: bases.get(id), result: found[at] as Result }));
      for (const { id, result } of rows) results.set(id, result);
      await keep(sequelize, kind, rows);
    }
  };
  const ended = await Promise.allSettled(Array.from({ length: THREADS_EACH }, lane));
  for (const one of ended) if (one.status === 'rejected') throw one.reason;
  return results;
}

async function keep(sequelize: Sequelize, kind: string, rows: readonly object[]): Promise<void> {
  await sequelize.query(
    `INSERT INTO worked_out (company_id, kind, subject_id, basis, result)
     SELECT :companyId, :kind, id, basis, result FROM jsonb_to_recordset(:rows::jsonb) AS t (id uuid, basis text, result jsonb)
     ON CONFLICT (company_id, kind, subject_id) DO UPDATE SET basis = excluded.basis, result = excluded.result`,
    {
      type: QueryTypes.INSERT,
      replacements: { companyId: currentCompanyId(), kind, rows: JSON.stringify(rows) },
    },
  );
}
