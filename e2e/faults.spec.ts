import { type ChildProcess, fork } from 'node:child_process';
import { randomBytes, randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import pg from 'pg';
import { startCluster } from '../tools/setup/postgres.mjs';

const PORT = 4460 + Number(process.env.TEST_PARALLEL_INDEX);
const ROOT = join(import.meta.dirname, '..');
const base = join(tmpdir(), `grevik-faults-${randomBytes(4).toString('hex')}`);
const address = `http://127.0.0.1:${PORT}/api/`;
let cookie = '';

function ask(path: string, body?: object): Promise<Response> {
  return fetch(address + path, {
    headers: { cookie, 'content-type': 'application/json' },
    ...(body && { method: 'POST', body: JSON.stringify(body) }),
  });
}

/** The built server alone, so that it can be killed without what started it. */
async function startServer(databaseUrl: string): Promise<ChildProcess> {
  const server = fork(join(ROOT, 'apps/server/dist/main.js'), {
    env: { ...process.env, DATABASE_URL: databaseUrl, PORT: String(PORT), NODE_ENV: 'production' },
    silent: true,
  });
  const answer = await new Promise<{ ready?: true; failed?: string }>((said) => server.once('message', said));
  expect(answer).toEqual({ ready: true });
  return server;
}
const ended = (server: ChildProcess): Promise<unknown> => new Promise((end) => server.once('exit', end));

async function enter(): Promise<string> {
  const door = await ask('session/demo', { role: 'technician' });
  cookie = door.headers.get('set-cookie')?.split(';')[0] ?? '';
  const [job] = (await (await ask('jobs')).json()) as [{ lines: [{ id: string }] }];
  const line = (await (await ask(`lines/${job.lines[0].id}`)).json()) as { positions: [{ id: string }] };
  return line.positions[0].id;
}

/** Writers who send each entry until it is acknowledged, whatever happens meanwhile, as a phone in a basement does. */
class Load {
  readonly acknowledged: string[] = [];
  readonly refusals: { status: number; message: string }[] = [];
  private going = true;
  private readonly writers: Promise<void>[];

  constructor(positionId: string, writers = 6) {
    this.writers = Array.from({ length: writers }, () => this.write(positionId));
  }

  private async write(positionId: string): Promise<void> {
    while (this.going) {
      const id = randomUUID();
      const entry = { id, kind: 'note', text: `entry ${id}`, happenedAt: new Date().toISOString() };
      while (!(await this.isTaken(positionId, entry))) await new Promise((wait) => setTimeout(wait, 40));
      this.acknowledged.push(id);
    }
  }

  private async isTaken(positionId: string, entry: object): Promise<boolean> {
    try {
      const answer = await ask(`positions/${positionId}/entries`, entry);
      if (answer.ok) return true;
      const { error } = (await answer.json()) as { error: { message: string } };
      this.refusals.push({ status: answer.status, message: error.message });
    } catch {
      // No answer: it is sent again.
    }
    return false;
  }

  async stop(): Promise<void> {
    this.going = false;
    await Promise.all(this.writers);
  }
}

/** Every entry stored, as often as it is. */
async function stored(databaseUrl: string): Promise<string[]> {
  const client = new pg.Client(databaseUrl);
  await client.connect();
  const { rows } = await client.query<{ id: string }>(`SELECT id FROM entries WHERE text LIKE 'entry %'`);
  await client.end();
  return rows.map(({ id }) => id).sort();
}

test.describe.configure({ mode: 'serial' });
test.afterAll(() => rmSync(base, { recursive: true, force: true }));

test('PostgreSQL stopped and started under the server: a clear message meanwhile, and nothing lost or doubled', async () => {
  let cluster = await startCluster(base);
  const server = await startServer(cluster.url);
  const before = await stored(cluster.url);
  const load = new Load(await enter());
  for (let stop = 1; stop <= 2; stop += 1) {
    await expect.poll(() => load.acknowledged.length).toBeGreaterThan(40 * stop);
    const refused = load.refusals.length;
    await cluster.stop();
    await expect.poll(() => load.refusals.length).toBeGreaterThan(refused);
    const health = await ask('health');
    expect(health.status).toBe(503);
    cluster = await startCluster(base);
  }
  await expect.poll(() => load.acknowledged.length).toBeGreaterThan(120);
  await load.stop();
  expect(new Set(load.refusals.map(({ status }) => status))).toEqual(new Set([503]));
  for (const { message } of load.refusals) expect(message).toContain('Send it again in a moment');
  expect(await stored(cluster.url)).toEqual([...before, ...load.acknowledged].sort());
  server.kill('SIGTERM');
  await ended(server);
  await cluster.stop();
});

test('a server told to stop finishes what it accepted', async () => {
  const cluster = await startCluster(base);
  const server = await startServer(cluster.url);
  const input = {
    duty: { function: 'isolate', medium: 'potable-cold', dn: 20, pressurePa: 5e5, temperatureC: 10 },
  };
  const long = ask(
    'calc/select',
    Array.from({ length: 1500 }, () => input),
  );
  await expect.poll(async () => (await ask('health')).status).toBe(200);
  server.kill('SIGTERM');
  const answer = await long;
  expect(answer.status).toBe(200);
  expect(((await answer.json()) as unknown[]).length).toBe(1500);
  await ended(server);
  await expect(ask('health')).rejects.toThrow();
  await cluster.stop();
});
