import { randomBytes } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startCluster } from '../../../../tools/setup/postgres.mjs';

/** A PostgreSQL of its own for the server's tests; each test file makes its own database in it. */
export default async function startPostgres() {
  const base = join(tmpdir(), `grevik-test-${randomBytes(4).toString('hex')}`);
  const cluster = await startCluster(base);
  process.env.GREVIK_TEST_SERVER_URL = cluster.url;
  globalThis.grevikTestCluster = { ...cluster, base };
}
