import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';

const ROOT = join(import.meta.dirname, '..');
/** Beside those of the applications that the other tests work on. */
const PORT = String(Number(process.env.GREVIK_E2E_PORT) + 71 + Number(process.env.TEST_PARALLEL_INDEX));
const data = join(tmpdir(), `grevik-start-${randomBytes(4).toString('hex')}`);
let cookie = '';
const api = (path: string, body?: object): Promise<Response> =>
  fetch(`http://localhost:${PORT}/api/${path}`, {
    headers: { cookie, 'content-type': 'application/json' },
    ...(body && { method: 'POST', body: JSON.stringify(body) }),
  });

/** Comes in by a door and keeps the cookie, as a browser would. */
async function enter(door: string, body: object): Promise<void> {
  const answer = await api(`session/${door}`, body);
  cookie = answer.headers.get('set-cookie')?.split(';')[0] ?? '';
  expect(answer.ok).toBe(true);
}
const jobNames = async (): Promise<string[]> =>
  ((await (await api('jobs')).json()) as { name: string }[]).map(({ name }) => name);

interface Run {
  child: ChildProcess;
  said: () => string;
  ended: Promise<number | null>;
}

function start(args: string[] = [], env: NodeJS.ProcessEnv = {}): Run {
  const child = spawn('node', ['tools/start.mjs', ...args], {
    cwd: ROOT,
    env: { ...process.env, PORT, GREVIK_DATA_DIR: data, ...env },
  });
  let said = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => (said += chunk.toString()));
  return { child, said: () => said, ended: new Promise((resolve) => child.once('exit', resolve)) };
}

async function ready(run: Run): Promise<void> {
  await expect.poll(run.said, { timeout: 90_000 }).toContain(`Grevik is ready at http://localhost:${PORT}`);
}

async function stop(run: Run, signal: NodeJS.Signals): Promise<void> {
  run.child.kill(signal);
  expect(await run.ended).toBe(0);
}

test.describe.configure({ mode: 'serial' });
test.afterAll(() => rmSync(data, { recursive: true, force: true }));

test('starts, keeps what was entered over a second start, and stops cleanly on both signals', async () => {
  const first = start();
  await ready(first);
  await enter('demo', { role: 'owner' });
  expect((await api('jobs', { name: 'Kept job' })).status).toBe(201);
  await stop(first, 'SIGINT');
  await expect(api('health')).rejects.toThrow();

  const second = start();
  await ready(second);
  // The cookie of before the stop still opens the door: sessions are stored.
  expect(await jobNames()).toEqual(['Kept job', 'Tarn Quay terminal']);
  await stop(second, 'SIGTERM');
  expect(second.said().trim().split('\n')).toHaveLength(1);
});

/** The process of the server that a start command runs. */
const serverOf = (run: Run): number =>
  Number(execFileSync('pgrep', ['-P', String(run.child.pid), '-f', 'apps/server/dist/main.js']).toString());

test('starts the server again where it dies, and at once after everything was killed hard', async () => {
  const run = start();
  await ready(run);
  const dead = serverOf(run);
  process.kill(dead, 'SIGKILL');
  await expect.poll(run.said).toContain('started again in 0.5 s');
  await expect
    .poll(() =>
      api('health').then(
        ({ ok }) => ok,
        () => false,
      ),
    )
    .toBe(true);
  expect(serverOf(run)).not.toBe(dead);
  // Start command, server and database at one blow.
  const postmaster = Number(readFileSync(join(data, 'data', 'postmaster.pid'), 'utf8').split('\n')[0]);
  const server = serverOf(run);
  for (const pid of [run.child.pid ?? 0, server, postmaster]) process.kill(pid, 'SIGKILL');
  await run.ended;
  const again = start();
  await ready(again);
  await stop(again, 'SIGTERM');
});

test('recovers after everything was killed, and --empty shows no demo data', async () => {
  const killed = start();
  await ready(killed);
  killed.child.kill('SIGKILL');
  await killed.ended;
  const empty = start(['--empty']);
  await ready(empty);
  cookie = '';
  expect(await (await api('session')).json()).toEqual({
    session: null,
    doors: { demo: false, company: true },
  });
  const owner = { name: 'Tove Aldous', email: 'tove@works.example', password: 'lantern over the quay' };
  await enter('company', { ...owner, company: 'Quay works' });
  expect(await jobNames()).toEqual([]);
  await stop(empty, 'SIGTERM');
});

/** Runs a command of the project to its end. */
async function command(name: string, ...args: string[]): Promise<{ code: number | null; said: string }> {
  const child = spawn('node', [`tools/${name}.mjs`, ...args], {
    cwd: ROOT,
    env: { ...process.env, GREVIK_DATA_DIR: data },
  });
  let said = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => (said += chunk.toString()));
  const code = await new Promise<number | null>((resolve) => child.once('exit', resolve));
  return { code, said };
}

test('a backup taken while it runs brings back what was there then', async () => {
  const file = join(data, '..', `${PORT}-${process.pid}.backup`);
  const running = start();
  await ready(running);
  await enter('demo', { role: 'owner' });
  const before = await jobNames();
  expect(await command('backup', file)).toMatchObject({
    code: 0,
    said: expect.stringContaining('Kept in') as unknown,
  });
  expect(statSync(file).mode & 0o777).toBe(0o600);
  expect((await command('backup', file)).said).toContain('is there already');
  expect((await api('jobs', { name: 'Entered after' })).status).toBe(201);
  expect((await command('restore', file, '--replace')).said).toContain('runs on');
  await stop(running, 'SIGTERM');

  expect((await command('restore', file)).said).toContain('--replace');
  writeFileSync(`${file}.cut`, 'not whole');
  expect((await command('restore', `${file}.cut`, '--replace')).said).toContain('Nothing was changed');
  expect(await command('restore', file, '--replace')).toMatchObject({ code: 0 });
  const again = start();
  await ready(again);
  // The backup has no sessions and no secret: everybody signs in again.
  expect((await (await api('session')).json()) as object).toMatchObject({ session: null });
  await enter('demo', { role: 'owner' });
  expect(await jobNames()).toEqual(before);
  await stop(again, 'SIGTERM');
  rmSync(file);
  rmSync(`${file}.cut`);
});

for (const [what, args, env, sentence] of [
  ['an unknown option', ['--fast'], {}, '"--fast" is not understood. Use: npm start'],
  ['a port that is none', [], { PORT: 'high' }, 'PORT is "high": give a number from 1 to 65535.'],
  [
    'no PostgreSQL',
    [],
    { GREVIK_POSTGRES_ROOT: '/nowhere', PATH: '/nowhere', GREVIK_DATA_DIR: join(data, 'none') },
    'PostgreSQL',
  ],
  [
    'a database that does not answer',
    [],
    { DATABASE_URL: 'postgres://nobody@127.0.0.1:9/none' },
    'Grevik could not start',
  ],
] as const) {
  test(`says ${what} in one sentence, without a trace`, async () => {
    const run = start([...args], {
      ...env,
      ...('PATH' in env && { PATH: `/nowhere:${join(process.execPath, '..')}` }),
    });
    expect(await run.ended).toBe(1);
    expect(run.said()).toContain(sentence);
    expect(run.said()).not.toMatch(/\n\s+at /);
  });
}

test('says that its port is taken, and leaves a folder with other things in it alone', async () => {
  const taken = createServer().listen(Number(PORT), '127.0.0.1');
  await new Promise((resolve) => taken.once('listening', resolve));
  const run = start();
  expect(await run.ended).toBe(1);
  expect(run.said()).toBe(`Port ${PORT} is taken: stop what runs there, or choose another with PORT.\n`);
  taken.close();

  const others = join(data, 'others');
  mkdirSync(others, { recursive: true });
  writeFileSync(join(others, 'letter.txt'), 'not ours');
  const refused = start([], { GREVIK_DATA_DIR: others });
  expect(await refused.ended).toBe(1);
  expect(refused.said()).toContain('has other things in it');
});
