import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { PlainFailure } from '../setup/plain-failure.mjs';
import { backUpCompany, removeCompany, restoreCompany } from './company-backup.mjs';

/** Servers go by what they last read of the table of addresses for a second: after so long none begins work for the company, ms. */
const SEEN_MS = 3_000;
/** What was begun before is waited for so long, ms. */
const WAIT_MS = 60_000;

/**
 * Moves a company from one database to another, by a backup and a restore of its rows. Meanwhile it is told to wait. What ends in between is
 * begun again with the same call: the rows are removed here only once they are stored there, and the address is changed last.
 *
 * @param {{ companyId: string, to: string, addresses: ReadonlyMap<string, string> }} move
 *   `addresses` of all databases by name, `home` among them
 * @param {(text: string) => void} say
 * @returns {Promise<{ from: string, rows: number }>}
 */
export async function moveCompany({ companyId, to, addresses }, say) {
  /** @type {pg.Client[]} */
  const open = [];
  const connect = async (/** @type {string} */ name) => {
    const client = new pg.Client({ connectionString: addresses.get(name) });
    await client.connect();
    open.push(client);
    return client;
  };
  const folder = mkdtempSync(join(tmpdir(), 'grevik-company-'));
  try {
    const home = await connect('home');
    const from = await placeOf(home, companyId, to);
    if (!addresses.has(from))
      throw new PlainFailure(`The company lives in ${from}, which has no address here.`);
    const [source, target] = [await connect(from), await connect(to)];
    await refuseOtherVersion(source, target);
    await home.query(
      `INSERT INTO company_places (company_id, cluster, moving_to) VALUES ($1, $2, $3)
       ON CONFLICT (company_id) DO UPDATE SET moving_to = excluded.moving_to`,
      [companyId, from, to],
    );
    await pause(SEEN_MS);
    const rows = await carryOver({ companyId, source, target, folder, say }).catch(async (error) => {
      await goOnWhereItIs(home, source, companyId);
      throw error;
    });
    await home.query(
      'UPDATE company_places SET cluster = $2, moving_to = NULL, since = now() WHERE company_id = $1',
      [companyId, to],
    );
    return { from, rows };
  } finally {
    rmSync(folder, { recursive: true, force: true });
    await Promise.all(open.map((client) => client.end()));
  }
}

/** Where the company lives, unless it cannot be moved from there. @param {pg.Client} home @param {string} companyId @param {string} to */
async function placeOf(home, companyId, to) {
  const { rows } = await home.query('SELECT cluster, moving_to FROM company_places WHERE company_id = $1', [
    companyId,
  ]);
  const { cluster, moving_to: movingTo } = rows[0] ?? { cluster: 'home', moving_to: null };
  if (movingTo !== null && movingTo !== to)
    throw new PlainFailure(
      `A move to ${movingTo} was cut off: finish that first, with ${movingTo} as the cluster.`,
    );
  if (cluster === to) throw new PlainFailure(`The company lives in ${to} already.`);
  return /** @type {string} */ (cluster);
}

/**
 * Stores the rows there and removes them here. Both in transactions of their own: there first.
 * @param {{ companyId: string, source: pg.Client, target: pg.Client, folder: string, say: (text: string) => void }} move
 * @returns {Promise<number>} how many rows it has
 */
async function carryOver({ companyId, source, target, folder, say }) {
  await source.query('BEGIN ISOLATION LEVEL REPEATABLE READ');
  await source.query(`SET LOCAL lock_timeout = ${WAIT_MS}; SET LOCAL statement_timeout = 0`);
  // Whatever is written is signed: nobody writes while its people are held.
  await source.query('SELECT 1 FROM people WHERE company_id = $1 FOR UPDATE', [companyId]);
  const { rowCount } = await source.query('SELECT 1 FROM companies WHERE id = $1 FOR UPDATE', [companyId]);
  if (rowCount === 0) return alreadyThere(target, companyId);
  say('Backing up …');
  const was = await backUpCompany(source, companyId, folder);
  say('Restoring …');
  await target.query('BEGIN');
  await target.query('SET LOCAL statement_timeout = 0; SET LOCAL lock_timeout = 0');
  // What an earlier move left that was cut off before it was through.
  await removeCompany(target, companyId);
  const is = await restoreCompany(target, companyId, folder);
  const missing = Object.keys(was).filter((table) => was[table] !== is[table]);
  if (missing.length > 0) throw new Error(`rows are missing in ${missing.join(', ')}`);
  await target.query('COMMIT');
  say('Removing it where it was …');
  await removeCompany(source, companyId);
  await source.query('COMMIT');
  return Object.values(is).reduce((sum, count) => sum + count, 0);
}

/** A move that was cut off just before the address was changed. @param {pg.Client} target @param {string} companyId */
async function alreadyThere(target, companyId) {
  const { rowCount } = await target.query('SELECT 1 FROM companies WHERE id = $1', [companyId]);
  if (rowCount === 0) throw new PlainFailure(`No database has a company ${companyId}.`);
  return 0;
}

/** The company goes on where it is, unless it is not there any more, or nobody knows. @param {pg.Client} home @param {pg.Client} source @param {string} companyId */
async function goOnWhereItIs(home, source, companyId) {
  await source.query('ROLLBACK').catch(() => undefined);
  const there = await source
    .query('SELECT 1 FROM companies WHERE id = $1', [companyId])
    .catch(() => undefined);
  if (there?.rowCount === 1)
    await home.query('UPDATE company_places SET moving_to = NULL WHERE company_id = $1', [companyId]);
}

/** @param {pg.Client} source @param {pg.Client} target */
async function refuseOtherVersion(source, target) {
  const versions = await Promise.all(
    [source, target].map(async (client) => {
      const { rows } = await client.query('SELECT max(name) AS last FROM migrations');
      return /** @type {string} */ (rows[0].last);
    }),
  );
  if (versions[0] !== versions[1])
    throw new PlainFailure(
      `The two databases have different tables (${versions.join(' and ')}): start Grevik with both first.`,
    );
}
