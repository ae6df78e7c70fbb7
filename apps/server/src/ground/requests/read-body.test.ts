import { request as ask } from 'node:http';
import type { AddressInfo, Socket } from 'node:net';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';
import { parseJson } from './parse-json.js';

const bytes = (text: string): Buffer => Buffer.from(text);

describe('a JSON document', () => {
  it('is read as it stands, in UTF-8, with or without a byte-order mark', () => {
    expect(parseJson(bytes('\uFEFF{"a":[1,"é\\"]",{}]}'), 10)).toEqual({ a: [1, 'é"]', {}] });
  });

  it.each([
    ['more values than it may', `[${'1,'.repeat(20)}1]`, { status: 413 }],
    ['a nest too deep', '['.repeat(41) + ']'.repeat(41), { field: 'request' }],
    ['no JSON', '{"a":', { field: 'request' }],
    ['a zero character', '{"a":{"b":"x\\u0000"}}', { field: 'a.b' }],
    ['half of a pair', '["\\ud800"]', { field: '0' }],
    ['a name that no text can keep', '{"a\\u0000":1}', { field: 'a\u0000' }],
  ])('with %s is refused', (_what, text, refusal) => {
    expect(() => parseJson(bytes(text), 10)).toThrow(expect.objectContaining(refusal));
  });

  it('counts no brackets and commas within its texts', () => {
    expect(parseJson(bytes(`["${'[,{\\"'.repeat(50)}"]`), 3)).toHaveLength(1);
  });
});

describe('the body of a request', () => {
  let test: TestApp;
  let owner: Agent;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    owner = await test.owner();
  });
  afterAll(() => test.close());

  it('of nobody is not read where only people of a company may send one', async () => {
    const { port } = test.http.address() as AddressInfo;
    const sent = ask({
      port,
      path: '/api/jobs',
      method: 'POST',
      headers: { 'content-type': 'application/json', 'content-length': 63_000_000 },
    });
    let socket: Socket | undefined;
    sent.on('socket', (one) => (socket = one));
    sent.write('[');
    const status = await new Promise((resolve) =>
      sent.on('response', (answer) => resolve(answer.statusCode)),
    );
    expect(status).toBe(401);
    expect(socket!.bytesWritten).toBeLessThan(10_000);
    sent.destroy();
  });

  it('has its limit by path and by who sends it', async () => {
    const long = JSON.stringify({ name: 'x'.repeat(1_100_000) });
    const send = (agent: Agent, path: string, body: string): request.Test =>
      agent.post(path).set('content-type', 'application/json').send(body);
    for (const sent of [
      send(request(test.http), '/api/session', JSON.stringify({ email: 'x'.repeat(20_000) })),
      send(request(test.http), '/api/calc/pipe-loss', long),
      send(owner, '/api/jobs', long),
    ])
      expect((await sent.expect(413)).body).toMatchObject({ error: { code: 'too-large' } });
    const many = `[${'[],'.repeat(60_000)}[]]`;
    expect((await send(owner, '/api/jobs', many).expect(413)).body).toMatchObject({
      error: { message: expect.stringContaining('50000 values') as string },
    });
  });

  it('is taken uncompressed alone', async () => {
    const sent = owner
      .post('/api/jobs')
      .set('content-type', 'application/json')
      .set('content-encoding', 'gzip');
    const { body } = await sent.send('{}').expect(415);
    expect(body).toMatchObject({ error: { field: 'content-encoding' } });
  });

  it.each([
    [{ origin: 'https://elsewhere.example' }, 403],
    [{ origin: 'null' }, 403],
    [{ 'sec-fetch-site': 'cross-site' }, 403],
    [{ 'sec-fetch-site': 'same-site' }, 403],
    [{ 'sec-fetch-site': 'same-origin', origin: 'https://proxied.example' }, 201],
    [{}, 201],
  ])('from a page that says %j is answered %d', async (headers, status) => {
    await owner
      .post('/api/jobs')
      .set(headers)
      .send({ name: `Job ${JSON.stringify(headers)}` })
      .expect(status);
  });
});
