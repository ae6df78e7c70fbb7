import { randomBytes } from 'node:crypto';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startApplication } from '../setup/application.mjs';
import { startCluster } from '../setup/postgres.mjs';

const PORT = '4397';

/**
 * Runs a work beside the built application with its demo company, on a database of its own.
 * @param {(app: { address: string, databaseUrl: string }) => Promise<void>} work
 */
export async function withApp(work) {
  const base = join(tmpdir(), `grevik-bench-${randomBytes(4).toString('hex')}`);
  const cluster = await startCluster(base);
  const app = await startApplication({ DATABASE_URL: cluster.url, PORT });
  try {
    await work({ address: `http://localhost:${PORT}`, databaseUrl: cluster.url });
  } finally {
    await app.stop();
    await cluster.stop();
    rmSync(base, { recursive: true, force: true });
  }
}

/**
 * Signs a page into the demo company.
 * @param {import('@playwright/test').Page} page @param {string} address
 * @returns the address of a line-up of the demo job
 */
export async function openDemoLine(page, address) {
  await page.request.post(`${address}/api/session/demo`, { data: { role: 'owner' } });
  const [job] = await (await page.request.get(`${address}/api/jobs`)).json();
  const { lines } = await (await page.request.get(`${address}/api/jobs/${job.id}`)).json();
  return `${address}/jobs/${job.id}/lines/${lines[0].id}/line-up/CW-107`;
}
