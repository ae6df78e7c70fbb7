import pg from 'pg';
import { dataFolder } from './data-folder.mjs';
import { binaries, startCluster } from './postgres.mjs';

/**
 * Gives a work the database and PostgreSQL's programs; a private database that did not run is stopped again afterwards.
 * @param {(database: { url: string, bin: string }) => Promise<void>} work
 */
export async function withDatabase(work) {
  if (process.env.DATABASE_URL) {
    await work({ url: process.env.DATABASE_URL, bin: await binaries() });
    return;
  }
  const cluster = await startCluster(dataFolder());
  try {
    await work(cluster);
  } finally {
    if (!cluster.wasRunning) await cluster.stop();
  }
}

/**
 * An address without its password, and the environment that has it: what stands on a command line is for every process of the machine to read.
 * @param {string} url
 * @returns {{ address: string, env: NodeJS.ProcessEnv }}
 */
export function apartFromPassword(url) {
  const address = new URL(url);
  const password = decodeURIComponent(address.password);
  address.password = '';
  return { address: address.href, env: { ...process.env, ...(password !== '' && { PGPASSWORD: password }) } };
}

/** How large each table is, bytes. @param {string} url @returns {Promise<Map<string, number>>} */
export async function tableSizes(url) {
  const client = new pg.Client(url);
  await client.connect();
  try {
    const { rows } = await client.query(
      'SELECT relname AS name, pg_table_size(relid)::float8 AS bytes FROM pg_stat_user_tables',
    );
    return new Map(rows.map(({ name, bytes }) => [name, bytes]));
  } finally {
    await client.end();
  }
}
