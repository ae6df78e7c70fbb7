import type { Server } from 'node:http';
import type { BoardView, JobListing, JobOutlookView, JobView, LineView } from '@grevik/contracts';
import { Sequelize } from 'sequelize';
import request from 'supertest';
import { createApp } from '../../create-app.js';
import { type Agent, PASSWORD, type TestApp, startTestApp, testSettings } from '../../testing/test-app.js';

describe('jobs', () => {
  let test: TestApp;
  let owner: Agent;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    owner = await test.owner();
  });
  afterAll(() => test.close());

  it('are none at first in a company of one’s own, and can be made', async () => {
    expect((await owner.get('/api/jobs').expect(200)).body).toEqual([]);
    expect((await owner.get('/api/catalogue').expect(200)).body).toEqual([]);
    const made = await owner.post('/api/jobs').send({ name: ' Quay houses ' }).expect(201);
    expect(made.body).toMatchObject({ name: 'Quay houses', lines: [] });
    expect((await owner.get('/api/jobs')).body).toEqual([made.body]);
    const again = await owner.post('/api/jobs').send({ name: 'quay HOUSES' }).expect(409);
    expect(again.body).toMatchObject({
      error: { code: 'conflict', message: expect.stringContaining('another name') as string },
    });
  });

  it.each([[{ name: '' }], [{ name: '   ' }], [{ name: 7 }], [{ name: 'x'.repeat(121) }], [{}], [[]]])(
    'are refused as %j',
    async (body) => {
      const answer = await owner.post('/api/jobs').send(body).expect(400);
      expect(answer.body).toMatchObject({ error: { code: 'invalid-input', field: 'name' } });
    },
  );
});

describe('the list of jobs', () => {
  let test: TestApp;
  let owner: Agent;
  let foreman: Agent;
  const listings = async (agent: Agent): Promise<JobListing[]> =>
    (await agent.get('/api/jobs/listings').expect(200)).body as JobListing[];
  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.demo('owner');
    foreman = await test.demo('foreman');
  });
  afterAll(() => test.close());

  it('says of each job how far it is, what is urgent and who was there', async () => {
    const [job] = await listings(owner);
    expect(job).toMatchObject({
      name: 'Tarn Quay terminal',
      lines: 11,
      positions: 128,
      isMine: false,
      archivedAt: null,
    });
    expect(job!.picked).toBeGreaterThan(0);
    expect(job!.urgent).toBeGreaterThan(0);
    const line = (await owner.get(`/api/jobs/${job!.id}`)).body as JobView;
    await owner.post(`/api/jobs/${job!.id}/lines`).send({ name: 'New', medium: 'irrigation' }).expect(201);
    expect(line.lines).toHaveLength(11);
    const [mine] = await listings(owner);
    expect(mine).toMatchObject({ isMine: true, lines: 12 });
    expect(Date.parse(mine!.touchedAt)).toBeGreaterThan(Date.now() - 60_000);
    expect((await listings(foreman))[0]).toMatchObject({ isMine: false });
  });

  it('has the one that was changed last first', async () => {
    await owner.post('/api/jobs').send({ name: 'Aft sheds' }).expect(201);
    expect((await listings(owner)).map(({ name }) => name)).toEqual(['Aft sheds', 'Tarn Quay terminal']);
  });

  it('keeps archived jobs apart, which are brought back or undone', async () => {
    const [sheds] = await listings(owner);
    const archive = (archived: unknown): request.Test =>
      owner.put(`/api/jobs/${sheds!.id}/archived`).send({ archived });
    await archive(true).expect(204);
    await archive(true).expect(204);
    expect((await listings(owner))[0]!.archivedAt).not.toBeNull();
    const { body } = await owner.get('/api/changes/mine').expect(200);
    const changes = (body as { id: string; kind: string }[]).filter(({ kind }) => kind === 'job-archive');
    expect(changes).toHaveLength(1);
    await owner
      .post(`/api/changes/${changes[0]!.id}/undo`)
      .send({})
      .expect((answer) => {
        expect(answer.status).toBeLessThan(300);
      });
    expect((await listings(owner))[0]!.archivedAt).toBeNull();
    await archive('yes').expect(400);
    await (
      await test.demo('apprentice')
    )
      .put(`/api/jobs/${sheds!.id}/archived`)
      .send({ archived: true })
      .expect(403);
  });

  it('finds no job of another company on its board', async () => {
    const [job] = await listings(owner);
    const board = (await owner.get(`/api/jobs/${job!.id}/board`).expect(200)).body as BoardView;
    expect(board.name).toBe(job!.name);
    const stranger = await test.owner();
    await stranger.get(`/api/jobs/${job!.id}/board`).expect(404);
  });
});

describe('the board of a job', () => {
  it('has every line in its order, with what is picked, found and ordered', async () => {
    const test = await startTestApp();
    const visitor = await test.demo('foreman');
    const [job] = (await visitor.get('/api/jobs')).body as [JobView];
    const board = (await visitor.get(`/api/jobs/${job.id}/board`).expect(200)).body as BoardView;
    expect(board.lines.map(({ name }) => name)).toEqual(job.lines.map(({ name }) => name));
    const positions = board.lines.flatMap((line) => line.positions);
    expect(positions).toHaveLength(128);
    expect(positions.filter(({ pickedType }) => pickedType !== null)).toHaveLength(
      job.lines.reduce((sum, { picked }) => sum + picked, 0),
    );
    expect(positions.some(({ ordered }) => ordered === 'confirmed')).toBe(true);
    expect(positions.find(({ tag }) => tag === 'GA-103')?.condition).toMatchObject({ turning: 'seized' });
    expect(board.orders.length).toBeGreaterThan(0);

    const ask = async (): Promise<JobOutlookView> =>
      (await visitor.get(`/api/jobs/${job.id}/outlook`).expect(200)).body as JobOutlookView;
    const asked = await ask();
    const moved = asked.questions.map(({ picks }) => picks.length);
    expect(moved[0]).toBeGreaterThan(1);
    expect(moved).toEqual([...moved].sort((a, b) => b - a));
    expect(asked.raised).toEqual([]);
    // A duty that passes a limit of its pick raises the position.
    const [line] = job.lines as [JobView['lines'][number]];
    const { positions: held } = (await visitor.get(`/api/lines/${line.id}`)).body as LineView;
    const at = held.find(({ tag }) => tag === 'CW-102')!;
    const pressure = at.pick!.edges.find(
      ({ fact, direction }) => fact === 'pressurePa' && direction === 'up',
    )!;
    await visitor
      .put(`/api/positions/${at.id}/duty`)
      .send({ version: at.version, duty: { ...at.duty, pressurePa: pressure.value * 1.02 } })
      .expect(200);
    expect((await ask()).raised).toEqual([{ id: at.id, edges: [pressure] }]);
    await (await test.owner()).get(`/api/jobs/${job.id}/outlook`).expect(404);
    await test.close();
  });
});

describe('servers on one database', () => {
  it('load the demo company once, keep it apart, and know one another’s sessions', async () => {
    const first = await startTestApp();
    const owner = await first.owner();
    await owner.post('/api/jobs').send({ name: 'Quay houses' }).expect(201);
    const cookie = String(
      (await owner.put('/api/session/password').send({ current: PASSWORD, next: PASSWORD })).headers[
        'set-cookie'
      ],
    );
    const second = await createApp(testSettings(first.databaseUrl));
    const http = second.getHttpServer() as Server;
    const visitor = request.agent(http);
    await visitor.post('/api/session/demo').send({ role: 'apprentice' }).expect(200);
    const names = (response: request.Response): string[] =>
      (response.body as JobView[]).map(({ name }) => name);
    expect(names(await visitor.get('/api/jobs').expect(200))).toEqual(['Tarn Quay terminal']);
    const own = await request(http).get('/api/jobs').set('cookie', cookie.split(';')[0]!).expect(200);
    expect(names(own)).toEqual(['Quay houses']);
    await second.close();
    await first.close();
  });
});

describe('health', () => {
  it('answers ok, and says so when the database is gone', async () => {
    const test = await startTestApp({ offersDemo: false });
    expect((await request(test.http).get('/api/health').expect(200)).body).toEqual({ status: 'ok' });
    const name = new URL(test.databaseUrl).pathname.slice(1);
    const admin = new Sequelize(process.env.GREVIK_TEST_SERVER_URL ?? '', { logging: false });
    await admin.query(`ALTER DATABASE ${name} ALLOW_CONNECTIONS false`);
    await admin.query(`SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = '${name}'`);
    const gone = await request(test.http).get('/api/health').expect(503);
    expect(gone.body).toMatchObject({ error: { code: 'unavailable' } });
    await admin.query(`ALTER DATABASE ${name} ALLOW_CONNECTIONS true`);
    await admin.close();
    await test.close();
  });
});
