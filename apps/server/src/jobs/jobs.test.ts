import { Sequelize } from 'sequelize';
import request from 'supertest';
import { createApp } from '../create-app.js';
import { type TestApp, startTestApp } from '../testing/test-app.js';

describe('jobs', () => {
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp('own');
  });
  afterAll(() => test.close());

  it('are none at first in a company of one’s own, and can be made', async () => {
    expect((await request(test.http).get('/api/jobs').expect(200)).body).toEqual([]);
    expect((await request(test.http).get('/api/catalogue').expect(200)).body).toEqual([]);
    const made = await request(test.http).post('/api/jobs').send({ name: ' Quay houses ' }).expect(201);
    expect(made.body).toMatchObject({ name: 'Quay houses', lines: [] });
    expect((await request(test.http).get('/api/jobs')).body).toEqual([made.body]);
    const again = await request(test.http).post('/api/jobs').send({ name: 'quay HOUSES' }).expect(409);
    expect(again.body).toMatchObject({
      error: { code: 'conflict', message: expect.stringContaining('another name') as string },
    });
  });

  it.each([[{ name: '' }], [{ name: '   ' }], [{ name: 7 }], [{ name: 'x'.repeat(121) }], [{}], [[]]])(
    'are refused as %j',
    async (body) => {
      const answer = await request(test.http).post('/api/jobs').send(body).expect(400);
      expect(answer.body).toMatchObject({ error: { code: 'invalid-input', field: 'name' } });
    },
  );

  it('of the demo company are loaded once, and kept apart from one’s own', async () => {
    const settings = { databaseUrl: test.databaseUrl, port: 0, host: '127.0.0.1', webRoot: '/nowhere' };
    for (const [company, names] of [
      ['demo', ['Tarn Quay terminal']],
      ['demo', ['Tarn Quay terminal']],
      ['own', ['Quay houses']],
    ] as const) {
      const app = await createApp({ ...settings, company });
      const jobs = (await request(app.getHttpServer()).get('/api/jobs').expect(200)).body as {
        name: string;
      }[];
      expect(jobs.map(({ name }) => name)).toEqual(names);
      await app.close();
    }
  });
});

describe('health', () => {
  it('answers ok, and says so when the database is gone', async () => {
    const test = await startTestApp('own');
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
