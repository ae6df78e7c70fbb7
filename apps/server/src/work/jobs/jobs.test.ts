import type { Server } from 'node:http';
import type { JobView } from '@grevik/contracts';
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
