import { rmSync, writeFileSync } from 'node:fs';
import { dataFolder, lockOf, refuseRunning } from './data-folder.mjs';
import { startCluster } from './postgres.mjs';

/**
 * The database to run on: the one named by DATABASE_URL, else the private one of this checkout, started and held until `stop`.
 * @param {number} [servers] how many server processes will use it
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>}
 */
export async function openDatabase(servers = 1) {
  if (process.env.DATABASE_URL) return { url: process.env.DATABASE_URL, stop: async () => {} };
  const base = dataFolder();
  refuseRunning(base);
  const cluster = await startCluster(base, servers);
  const lock = lockOf(base);
  writeFileSync(lock, String(process.pid));
  return {
    url: cluster.url,
    stop: async () => {
      await cluster.stop();
      rmSync(lock, { force: true });
    },
  };
}
