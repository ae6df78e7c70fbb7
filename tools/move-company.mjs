// Moves a company to another database. Grevik may run meanwhile: the company is told to wait, the others are not.
import { join } from 'node:path';
import pg from 'pg';
import { moveCompany } from './company/move-company.mjs';
import { ROOT, build, installPackages } from './setup/installation.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';

const USE =
  'Use: npm run move-company -- COMPANY CLUSTER, with DATABASE_URL and DATABASE_CLUSTERS as the servers have them. COMPANY is its name or id, CLUSTER one of the names, or home.';

await endingPlainly(async () => {
  const [company, to] = process.argv.slice(2);
  if (company === undefined || to === undefined || !process.env.DATABASE_URL) throw new PlainFailure(USE);
  await installPackages();
  await build('core', 'server');
  /** @type {typeof import('../apps/server/src/ground/settings/settings.js')} */
  const { directAddresses, readSettings } = await import(
    join(ROOT, 'apps/server/dist/modules/ground/settings/settings.js')
  );
  const addresses = plainly(() => directAddresses(readSettings(process.env)));
  if (!addresses.has(to))
    throw new PlainFailure(`There is no database “${to}”: name one of ${[...addresses.keys()].join(', ')}.`);
  const companyId = await idOf(company, addresses);
  const { from, rows } = await moveCompany({ companyId, to, addresses }, console.log);
  console.log(`Moved ${company} from ${from} to ${to}: ${rows} rows.`);
});

/** What the settings refuse, said in one sentence. @template T @param {() => T} read */
function plainly(read) {
  try {
    return read();
  } catch (error) {
    throw new PlainFailure(/** @type {Error} */ (error).message);
  }
}

/** @param {string} company @param {ReadonlyMap<string, string>} addresses */
async function idOf(company, addresses) {
  /** @type {Set<string>} */
  const ids = new Set();
  for (const address of addresses.values()) {
    const client = new pg.Client({ connectionString: address });
    await client.connect();
    const { rows } = await client.query(
      'SELECT id FROM companies WHERE id::text = $1 OR lower(name) = lower($1)',
      [company],
    );
    for (const { id } of rows) ids.add(id);
    await client.end();
  }
  const [id] = ids;
  if (id === undefined) throw new PlainFailure(`No database has a company “${company}”.`);
  if (ids.size > 1)
    throw new PlainFailure(
      `Several companies are called “${company}”: give the id, one of ${[...ids].join(', ')}.`,
    );
  return id;
}
