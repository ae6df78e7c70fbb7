// A standby promoted while people write through PgBouncer in transaction mode: node tools/attack/failover.mjs [TIMES]
import { randomBytes } from 'node:crypto';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { build, installPackages } from '../setup/installation.mjs';
import { endingPlainly } from '../setup/plain-failure.mjs';
import { startCluster } from '../setup/postgres.mjs';
import { startStandby } from '../setup/standby.mjs';
import { freePort } from '../setup/free-port.mjs';
import { compareStored, startWriters } from './acknowledged-writes.mjs';
import { Person } from './person.mjs';
import { startPooler } from './pooler.mjs';
import { RunningServer } from './running-server.mjs';

const WRITE_MS = 3_000;
const TIMES = Number(process.argv[2] ?? 3);
const folder = () => join(tmpdir(), `grevik-failover-${randomBytes(4).toString('hex')}`);

/** @param {string} url @param {readonly string[]} statements */
async function run(url, statements) {
  const client = new pg.Client(url);
  await client.connect();
  for (const statement of statements) await client.query(statement);
  await client.end();
}

/** A write is acknowledged once the standby has it. */
const SYNCHRONOUS = [`ALTER SYSTEM SET synchronous_standby_names = '*'`, 'SELECT pg_reload_conf()'];
const ALONE = ['ALTER SYSTEM RESET synchronous_standby_names', 'SELECT pg_reload_conf()'];

await endingPlainly(async () => {
  await installPackages();
  await build('core', 'server');
  let folders = [folder(), folder()];
  let primary = await startCluster(folders[0] ?? '');
  const role = new URL(primary.url).username;
  await run(primary.url, [
    `ALTER ROLE ${role} SET statement_timeout = '30s'`,
    `ALTER ROLE ${role} SET lock_timeout = '10s'`,
    `ALTER ROLE ${role} SET idle_in_transaction_session_timeout = '30s'`,
  ]);
  const pooler = await startPooler(folder(), primary.url);
  let standby = await startStandby(folders[1] ?? '', primary.url);
  await run(primary.url, SYNCHRONOUS);
  const server = new RunningServer(primary, folders[0] ?? '', await freePort(), {
    DATABASE_URL: pooler.url,
    DATABASE_DIRECT_URL: pooler.directUrl,
    DATABASE_READ_URLS: standby.url,
  });
  await server.start();
  const { acknowledged, stop } = await startWriters(server.address);
  const reader = await Person.demo(server.address);
  const job = await reader.demoJob();
  let reads = 0;
  let unread = 0;
  let isOver = false;
  const reading = (async () => {
    while (!isOver) {
      const answer = await reader.send('GET', `jobs/${job.id}/board`).catch(() => undefined);
      if (answer?.status === 200) reads += 1;
      else unread += 1;
      await pause(20);
    }
  })();
  /** @type {number[]} */
  const gaps = [];
  for (let time = 0; time < TIMES; time += 1) {
    await pause(WRITE_MS);
    const from = performance.now();
    await primary.stop();
    await standby.promote();
    await run(standby.url, ALONE);
    pooler.leadTo(standby.url);
    const before = acknowledged.size;
    while (acknowledged.size === before) await pause(20);
    gaps.push(performance.now() - from);
    // The promoted one is the primary; a new standby follows it, at the address of the old one's port no more.
    const old = folders[0] ?? '';
    rmSync(old, { recursive: true, force: true });
    primary = { ...primary, url: standby.url, stop: standby.stop };
    folders = [folders[1] ?? '', folder()];
    standby = await startStandby(folders[1] ?? '', primary.url);
    await run(primary.url, SYNCHRONOUS);
  }
  await pause(WRITE_MS);
  await stop();
  isOver = true;
  await reading;
  const { lost, doubled } = await compareStored(primary.url, acknowledged);
  const seconds = gaps.map((ms) => `${(ms / 1000).toFixed(1)} s`).join(', ');
  console.log(
    `${TIMES} promotions, ${acknowledged.size} writes acknowledged: ${lost} lost, ${doubled} doubled; nothing written for ${seconds}; ${reads} boards read, ${unread} not`,
  );
  await server.kill('SIGTERM');
  await pooler.stop();
  await standby.stop();
  await primary.stop();
  for (const one of folders) rmSync(one, { recursive: true, force: true });
  process.exitCode = lost + doubled > 0 ? 1 : 0;
});
