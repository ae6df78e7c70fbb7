// The start command on a new data folder and on one that is there, against PostgreSQL alone.
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { ROOT } from '../setup/installation.mjs';
import { startCluster } from '../setup/postgres.mjs';
import { report } from './measure.mjs';

const base = join(tmpdir(), `grevik-bench-${randomBytes(4).toString('hex')}`);

async function untilReady() {
  const from = performance.now();
  const child = spawn('node', [join(ROOT, 'tools/start.mjs')], {
    env: { ...process.env, PORT: '4395', GREVIK_DATA_DIR: base },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((ready) => child.stdout.once('data', ready));
  const ms = performance.now() - from;
  child.kill('SIGTERM');
  await new Promise((ended) => child.once('exit', ended));
  return ms;
}

const cold = await untilReady();
const warm = await untilReady();
const from = performance.now();
const cluster = await startCluster(base);
const alone = performance.now() - from;
await cluster.stop();
report('a first start, everything built', cold, 'PostgreSQL alone', alone);
report('a second start', warm, 'PostgreSQL alone', alone);
rmSync(base, { recursive: true, force: true });
