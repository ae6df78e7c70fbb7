import { createReadStream, createWriteStream } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import pg from 'pg';
import { from as copyFrom, to as copyTo } from 'pg-copy-streams';

/** What the database makes of other rows by itself, and what is over in a minute. */
const NOT_TAKEN = ['due_stale', 'log_keys', 'presences'];
/** Rows of a company stand in tables by this; of the table of companies itself by its id. */
const COMPANY = 'companies';

/**
 * A table with rows of companies.
 * @typedef {{ name: string, key: string, columns: string[] }} CompanyTable
 */

/**
 * The tables with rows of companies, each after those that it refers to.
 *
 * @param {pg.ClientBase} client
 * @returns {Promise<CompanyTable[]>}
 */
export async function companyTables(client) {
  const { rows } = await client.query(
    `SELECT c.relname AS name,
       array_agg(a.attname::text ORDER BY a.attnum) FILTER (WHERE a.attgenerated = '') AS columns,
       (SELECT coalesce(array_agg(DISTINCT r.relname::text), '{}') FROM pg_constraint f JOIN pg_class r ON r.oid = f.confrelid
        WHERE f.conrelid = c.oid AND f.contype = 'f' AND f.confrelid <> c.oid) AS after
     FROM pg_class c JOIN pg_attribute a ON a.attrelid = c.oid AND a.attnum > 0 AND NOT a.attisdropped
     WHERE c.relnamespace = 'public'::regnamespace AND c.relkind IN ('r', 'p') AND NOT c.relispartition AND c.relname <> 'company_places'
       AND (c.relname = $1 OR EXISTS (SELECT 1 FROM pg_attribute k WHERE k.attrelid = c.oid AND k.attname = 'company_id'))
     GROUP BY c.oid, c.relname ORDER BY c.relname`,
    [COMPANY],
  );
  /** @type {CompanyTable[]} */
  const sorted = [];
  const waiting = new Set(/** @type {(CompanyTable & { after: string[] })[]} */ (rows));
  while (waiting.size > 0) {
    const names = new Set([...waiting].map(({ name }) => name));
    const next = [...waiting].filter(({ after }) => !after.some((name) => names.has(name)));
    if (next.length === 0) throw new Error(`tables refer to one another: ${[...names].join(', ')}`);
    for (const table of next) {
      waiting.delete(table);
      const { name, columns } = table;
      sorted.push({ name, columns, key: name === COMPANY ? 'id' : 'company_id' });
    }
  }
  return sorted;
}

/**
 * Writes the rows of a company into files, one for each table.
 *
 * @param {pg.ClientBase} client in a transaction that sees one state
 * @param {string} companyId
 * @param {string} folder
 * @returns {Promise<Record<string, number>>} how many rows of each table
 */
export async function backUpCompany(client, companyId, folder) {
  /** @type {Record<string, number>} */
  const counts = {};
  for (const { name, key, columns } of await companyTables(client)) {
    if (NOT_TAKEN.includes(name)) continue;
    const out = client.query(
      copyTo(
        `COPY (SELECT ${columns.join(', ')} FROM ${name} WHERE ${key} = ${pg.escapeLiteral(companyId)}) TO STDOUT (FORMAT binary)`,
      ),
    );
    await pipeline(out, createWriteStream(join(folder, name), { flags: 'wx', mode: 0o600 }));
    counts[name] = out.rowCount;
  }
  return counts;
}

/**
 * Reads the rows of a company from files that `backUpCompany` wrote.
 *
 * @param {pg.ClientBase} client in a transaction
 * @param {string} companyId
 * @param {string} folder
 * @returns {Promise<Record<string, number>>} how many rows of each table
 */
export async function restoreCompany(client, companyId, folder) {
  /** @type {Record<string, number>} */
  const counts = {};
  for (const { name, columns } of await companyTables(client)) {
    if (NOT_TAKEN.includes(name)) continue;
    const into = client.query(copyFrom(`COPY ${name} (${columns.join(', ')}) FROM STDIN (FORMAT binary)`));
    await pipeline(createReadStream(join(folder, name)), into);
    counts[name] = into.rowCount;
  }
  // The numbers of its changes go on from the last of them.
  await client.query(
    `SELECT setval('changes_number_seq', greatest(nextval('changes_number_seq'), (SELECT max(number) FROM changes WHERE company_id = $1)))`,
    [companyId],
  );
  return counts;
}

/**
 * Removes the rows of a company, its logs as well.
 *
 * @param {pg.ClientBase} client in a transaction
 * @param {string} companyId
 */
export async function removeCompany(client, companyId) {
  await client.query(`SELECT set_config('grevik.moved_company', $1, true)`, [companyId]);
  for (const { name, key } of (await companyTables(client)).reverse())
    await client.query(`DELETE FROM ${name} WHERE ${key} = $1`, [companyId]);
}
