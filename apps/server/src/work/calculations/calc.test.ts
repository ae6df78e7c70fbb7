import { CALCULATIONS, calculate } from '@grevik/core';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('calculations over HTTP', () => {
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
  });
  afterAll(() => test.close());
  const post = (name: string, body: unknown): request.Test =>
    request(test.http)
      .post(`/api/calc/${name}`)
      .set('content-type', 'application/json')
      .send(JSON.stringify(body));

  it.each(CALCULATIONS.map((calculation) => [calculation.name, calculation] as const))(
    '%s answers as the core does',
    async (name, calculation) => {
      const answer = await post(name, calculation.example).expect(200);
      expect(answer.body).toEqual(JSON.parse(JSON.stringify(calculate(calculation, calculation.example))));
    },
  );

  it('answers a list in its order, each failure in its place', async () => {
    const { example } = CALCULATIONS[0]!;
    const answer = await post('pipe-loss', [example, 7, example]).expect(200);
    expect(answer.body).toMatchObject([
      { regime: 'turbulent' },
      { error: { code: 'invalid-input' } },
      { regime: 'turbulent' },
    ]);
  });

  it.each([null, 7, 'text', true, {}, { diameterM: 'wide' }])('refuses %j as wrong input', async (body) => {
    const answer = await post('pipe-loss', body).expect(400);
    expect(answer.body).toMatchObject({
      error: {
        code: 'invalid-input',
        field: expect.any(String) as string,
        message: expect.any(String) as string,
      },
    });
  });

  it('refuses a body nested without end, on every path', async () => {
    const deep = `${'['.repeat(50_000)}${']'.repeat(50_000)}`;
    const send = (agent: Agent, path: string): request.Test =>
      agent.post(path).set('content-type', 'application/json').send(deep);
    const owner = await test.owner();
    for (const sent of [send(request(test.http), '/api/calc/select'), send(owner, '/api/jobs')])
      expect((await sent.expect(400)).body).toMatchObject({
        error: { field: 'request', message: expect.stringContaining('nested') as string },
      });
    // Nobody is there: not a byte of it is read.
    await send(request(test.http), '/api/jobs').expect(401);
  });

  it('refuses what is no JSON, an unknown name, and a path of the web', async () => {
    const broken = await request(test.http)
      .post('/api/calc/pipe-loss')
      .set('content-type', 'application/json')
      .send('{"a":')
      .expect(400);
    expect(broken.body).toMatchObject({
      error: { code: 'invalid-input', message: expect.stringContaining('JSON') as string },
    });
    expect((await post('soothsay', {}).expect(404)).body).toMatchObject({
      error: { code: 'not-found', message: expect.stringContaining('pipe-loss') as string },
    });
    expect((await request(test.http).get('/api/nowhere').expect(404)).body).toMatchObject({
      error: { code: 'not-found' },
    });
  });
});
