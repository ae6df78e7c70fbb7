import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
import { ROOT } from './installation.mjs';
import { PlainFailure } from './plain-failure.mjs';

/** Where the data live: GREVIK_DATA_DIR, else a folder for this checkout that the database's user can reach. */
export function dataFolder() {
  if (process.env.GREVIK_DATA_DIR) return resolve(process.env.GREVIK_DATA_DIR);
  const checkout = createHash('sha256').update(ROOT).digest('hex').slice(0, 8);
  const base =
    process.getuid?.() === 0
      ? '/var/lib/grevik'
      : join(process.env.XDG_STATE_HOME ?? join(homedir(), '.local/state'), 'grevik');
  return join(base, checkout);
}

/** The file that says which start command runs on a data folder. @param {string} base */
export const lockOf = (base) => join(base, 'grevik.pid');

/** Throws where another start command runs on a data folder. @param {string} base */
export function refuseRunning(base) {
  const lock = lockOf(base);
  const other = existsSync(lock) ? Number(readFileSync(lock, 'utf8')) : 0;
  if (other && other !== process.pid && isAlive(other)) {
    throw new PlainFailure(
      `Grevik runs on ${base} already (process ${other}): stop it first, or choose another folder with GREVIK_DATA_DIR.`,
    );
  }
}

/** Whether the start command that ran last on a data folder was killed before it could clear up. @param {string} base */
export function wasKilled(base) {
  const lock = lockOf(base);
  return existsSync(lock) && !isAlive(Number(readFileSync(lock, 'utf8')));
}

/** @param {number} pid */
function isAlive(pid) {
  try {
    process.kill(pid, 0);
    return /(start|dev)\.mjs/.test(readFileSync(`/proc/${pid}/cmdline`, 'utf8'));
  } catch {
    return false;
  }
}
