import { randomBytes, randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import type {
  HistoryView,
  JobArchive,
  JobView,
  LineView,
  OwnTaskView,
  TaskAdded,
  SessionView,
} from '@grevik/contracts';
import { QueryTypes, Sequelize } from 'sequelize';
import request from 'supertest';
import { moveCompany } from '../../../../../tools/company/move-company.mjs';
import { type Cluster, startCluster } from '../../../../../tools/setup/postgres.mjs';
import { type Agent, PASSWORD, type TestApp, startTestApp } from '../../testing/test-app.js';

const SETUP_MS = 240_000;

describe('companies on two clusters', () => {
  const folder = join(tmpdir(), `grevik-south-${randomBytes(4).toString('hex')}`);
  let south: Cluster;
  let test: TestApp;
  let databases: ReadonlyMap<string, Sequelize>;
  let addresses: ReadonlyMap<string, string>;
  /** Of the company that is moved. */
  let owner: Agent;
  let companyId: string;
  let archive: JobArchive;

  beforeAll(async () => {
    south = await startCluster(folder);
    const admin = new Sequelize(south.url, { logging: false });
    await admin.query('CREATE DATABASE grevik');
    await admin.close();
    const url = south.url.replace(/\/[^/]*$/, '/grevik');
    test = await startTestApp({ clusters: new Map([['south', url]]) });
    addresses = new Map([
      ['home', test.databaseUrl],
      ['south', url],
    ]);
    databases = new Map(
      [...addresses].map(([name, address]) => [name, new Sequelize(address, { logging: false })] as const),
    );
    const visitor = await test.demo();
    const [demoJob] = (await visitor.get('/api/jobs')).body as [JobView];
    archive = (await visitor.get(`/api/archive/jobs/${demoJob.id}`).expect(200)).body as JobArchive;
    owner = await test.owner('Weir works');
    companyId = await idOf('Weir works');
    await importJob('Shed');
  }, SETUP_MS);
  afterAll(async () => {
    await test.close();
    for (const database of databases.values()) await database.close();
    await south.stop();
    rmSync(folder, { recursive: true, force: true });
  });

  const rows = async <T extends object>(name: string, sql: string): Promise<T[]> =>
    (await databases.get(name)?.query<T>(sql, { type: QueryTypes.SELECT })) ?? [];
  const idOf = async (company: string): Promise<string> =>
    (await rows<{ id: string }>('home', `SELECT id FROM companies WHERE name = '${company}'`))[0]?.id ?? '';
  const move = (to: string) => moveCompany({ companyId, to, addresses }, () => undefined);
  const ended = async ({ body }: { body: unknown }): Promise<OwnTaskView> => {
    for (;;) {
      const { taskId } = body as TaskAdded;
      const task = (await owner.get(`/api/tasks/mine/${taskId}`).expect(200)).body as OwnTaskView;
      if (task.endedAt !== null) return task;
      await pause(50);
    }
  };
  const importJob = async (job: string): Promise<OwnTaskView> =>
    ended(
      await owner
        .post('/api/archive/imports?name=job.json')
        .set('content-type', 'application/json')
        .send(JSON.stringify({ ...archive, job }))
        .expect(202),
    );
  const firstLine = async (): Promise<LineView> => {
    const [job] = (await owner.get('/api/jobs').expect(200)).body as [JobView];
    return (await owner.get(`/api/lines/${job.lines[0]!.id}`).expect(200)).body as LineView;
  };
  const addNote = (positionId: string, id: string) =>
    owner.post(`/api/positions/${positionId}/entries`).send({
      id,
      kind: 'note',
      text: 'kept',
      happenedAt: '2026-01-02T03:04:05.000Z',
    });
  /** How many rows of the company each table of a database has. */
  const counts = async (name: string): Promise<Record<string, number>> => {
    const tables = await rows<{ table: string }>(
      name,
      `SELECT c.relname AS table FROM pg_class c JOIN pg_attribute a ON a.attrelid = c.oid AND a.attname = 'company_id'
       WHERE c.relnamespace = 'public'::regnamespace AND c.relkind IN ('r', 'p') AND NOT c.relispartition AND c.relname <> 'company_places'`,
    );
    const counted: Record<string, number> = {};
    for (const { table } of tables) {
      const [row] = await rows<{ n: number }>(
        name,
        `SELECT count(*)::int AS n FROM ${table} WHERE company_id = '${companyId}'`,
      );
      if (row && row.n > 0) counted[table] = row.n;
    }
    return counted;
  };

  it(
    'move from one to the other while people write: nothing acknowledged is lost, nothing is stored twice, nobody else waits',
    async () => {
      const line = await firstLine();
      const { id } = line.positions[0]!;
      const acknowledged: string[] = [];
      const refused = new Set<number>();
      let isOver = false;
      const write = async (): Promise<void> => {
        while (!isOver) {
          const note = randomUUID();
          // As the outbox of a page does: the same entry again until it is confirmed.
          for (let status = 0; status !== 200 && status !== 201;) {
            ({ status } = await addNote(id, note));
            if (status < 400) continue;
            refused.add(status);
            if (isOver) return;
            await pause(20);
          }
          acknowledged.push(note);
        }
      };
      const other = await test.owner('Tarn works');
      const neighbour = async (): Promise<void> => {
        for (let at = 0; !isOver; at += 1) {
          await other
            .post('/api/jobs')
            .send({ name: `Pump house ${at}` })
            .expect(201);
          await pause(50);
        }
      };
      const work = [write(), write(), neighbour()];
      await pause(500);
      const { from, rows: moved } = await move('south');
      await pause(2_000);
      const before = acknowledged.length;
      while (acknowledged.length < before + 10) await pause(20);
      isOver = true;
      await Promise.all(work);

      expect(from).toBe('home');
      expect(moved).toBeGreaterThan(200);
      // While it is moved the company is told to wait.
      expect([...refused]).toEqual([503]);
      expect(await counts('home')).toEqual({});
      expect(await counts('south')).toMatchObject({
        positions: expect.any(Number),
        changes: expect.any(Number),
      });
      const { entries } = (await owner.get(`/api/positions/${id}/history`).expect(200))
        .body as HistoryView<unknown>;
      const stored = new Set(entries.map((entry) => (entry as { id: string }).id));
      expect(acknowledged.filter((one) => !stored.has(one))).toEqual([]);
      const [notes] = await rows('south', `SELECT count(*)::int AS n FROM entries WHERE text = 'kept'`);
      expect(notes).toEqual({ n: acknowledged.length });
      expect((await firstLine()).positions).toHaveLength(line.positions.length);
    },
    SETUP_MS,
  );

  it('find people, links and devices wherever their company lives', async () => {
    expect((await rows('home', 'SELECT cluster FROM company_places'))[0]).toEqual({ cluster: 'south' });
    const technician = await test.joins(owner, 'technician');
    const { session } = (await technician.get('/api/session').expect(200)).body as { session: SessionView };
    const { email } = session.person;
    const back = request.agent(test.http);
    await back.post('/api/session').send({ email, password: PASSWORD }).expect(200);
    expect((await back.get('/api/jobs').expect(200)).body).toHaveLength(1);
    await request(test.http).post('/api/session').send({ email, password: 'wrong by far' }).expect(401);
    const { body: calendar } = await owner.post('/api/calendar').expect(201);
    await request(test.http)
      .get((calendar as { path: string }).path)
      .expect(200);
  });

  it('do work in the background where its rows are', async () => {
    const task = await importJob('Second shed');
    expect(task).toMatchObject({ state: 'done' });
    expect((await rows('home', `SELECT 1 AS one FROM jobs WHERE name = 'Second shed'`)).length).toBe(0);
    expect((await rows('south', `SELECT 1 AS one FROM jobs WHERE name = 'Second shed'`)).length).toBe(1);
  });

  it(
    'go back, with numbers of changes that go on from the last',
    async () => {
      const newest = async (): Promise<number> =>
        ((await owner.get('/api/session').expect(200)).body as { session: { changeNumber: number } }).session
          .changeNumber;
      const there = await newest();
      await move('home');
      await pause(1_500);
      expect(await newest()).toBe(there);
      await owner.post('/api/jobs').send({ name: 'Third shed' }).expect(201);
      expect(await newest()).toBeGreaterThan(there);
      expect(await counts('south')).toEqual({});
      await expect(move('home')).rejects.toThrow('The company lives in home already.');
    },
    SETUP_MS,
  );

  it(
    'stay where they are where a move fails, and go on there',
    async () => {
      const before = await counts('home');
      await rows(
        'south',
        `CREATE FUNCTION refuse() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RAISE EXCEPTION 'disk full'; END $$;
      CREATE TRIGGER refuse BEFORE INSERT ON picks FOR EACH STATEMENT EXECUTE FUNCTION refuse()`,
      );
      await expect(move('south')).rejects.toThrow('disk full');
      await rows('south', 'DROP TRIGGER refuse ON picks; DROP FUNCTION refuse');
      await pause(1_500);
      expect(await counts('home')).toEqual(before);
      expect(await counts('south')).toEqual({});
      await owner.post('/api/jobs').send({ name: 'Fourth shed' }).expect(201);
    },
    SETUP_MS,
  );

  it(
    'finish a move that was cut off before the address was changed',
    async () => {
      await move('south');
      await databases.get('home')?.query(`UPDATE company_places SET cluster = 'home', moving_to = 'south'`);
      await pause(1_500);
      await owner.get('/api/jobs').expect(503);
      await expect(move('west')).rejects.toThrow('A move to south was cut off');
      await move('south');
      await pause(1_500);
      await owner.get('/api/jobs').expect(200);
    },
    SETUP_MS,
  );

  it(
    'stop alone where their database is down, and go on once it is back',
    async () => {
      const other = await test.owner('Mole works');
      await south.stop();
      await owner.get('/api/jobs').expect(503);
      await other.post('/api/jobs').send({ name: 'Mole shed' }).expect(201);
      await other.get('/api/health').expect(200);
      south = await startCluster(folder);
      for (let status = 0; status !== 200; await pause(100)) ({ status } = await owner.get('/api/jobs'));
    },
    SETUP_MS,
  );
});
