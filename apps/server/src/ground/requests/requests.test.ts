import request from 'supertest';
import { type TestApp, startTestApp } from '../../testing/test-app.js';

interface OpenApi {
  paths: Record<string, Record<string, { requestBody?: unknown; summary?: string }>>;
  components: { schemas: Record<string, { properties: Record<string, unknown>; required: string[] }> };
}

describe('around every request', () => {
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
  });
  afterAll(() => test.close());

  it('headers keep foreign scripts and frames out, and do not say what runs here', async () => {
    const { headers } = await request(test.http).get('/api/health').expect(200);
    expect(headers['content-security-policy']).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect(headers['content-security-policy']).not.toContain('upgrade-insecure-requests');
    expect(headers['content-security-policy']).toMatch(/style-src 'self' 'nonce-[\w+/=]{24}';/);
    expect(headers['cache-control']).toBe('no-store');
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-frame-options']).toBe('SAMEORIGIN');
    expect(headers['x-powered-by']).toBeUndefined();
  });

  it('there is an id, taken over where it was given in a form that a log can hold', async () => {
    const own = await request(test.http).get('/api/health');
    expect(own.headers['x-request-id']).toMatch(/^[0-9a-f-]{36}$/);
    const given = await request(test.http).get('/api/health').set('x-request-id', 'van-7.42');
    expect(given.headers['x-request-id']).toBe('van-7.42');
    const bad = await request(test.http).get('/api/health').set('x-request-id', 'x"}{"level":60');
    expect(bad.headers['x-request-id']).toMatch(/^[0-9a-f-]{36}$/);
  });

  it('a connection is kept for longer than a proxy keeps it', async () => {
    const { headers } = await request(test.http).get('/api/health').set('connection', 'keep-alive');
    expect(headers['keep-alive']).toBe('timeout=75');
  });

  it('bodies have a limit', async () => {
    const large = await request(test.http)
      .post('/api/session')
      .send({ email: 'x'.repeat(4_200_000), password: 'x' })
      .expect(413);
    expect(large.body).toMatchObject({ error: { code: 'too-large' } });
  });
});

describe('the description of the API', () => {
  let document: OpenApi;
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    document = (await request(test.http).get('/api/docs.json').expect(200)).body as OpenApi;
  });
  afterAll(() => test.close());

  it('has a page to read and every endpoint with a sentence', async () => {
    const page = await request(test.http).get('/api/docs').expect(200);
    expect(page.text).toContain('Grevik: the API');
    expect(document.paths['/api/positions/{id}/duty']?.put?.summary).toBe('Changes the duty of a position.');
    const silent = Object.entries(document.paths).filter(([, operations]) =>
      Object.values(operations).some(({ summary }) => !summary),
    );
    expect(silent).toEqual([]);
    expect(document.paths['/api/calc/select']?.post?.summary).toContain('Judges candidates');
  });

  it('shows request fields with their limits, and the duty as the core reads it', () => {
    const { SignInRequest, ChangeDutyRequest, EntryRequest } = document.components.schemas;
    expect(SignInRequest?.properties.email).toMatchObject({
      type: 'string',
      format: 'email',
      maxLength: 254,
    });
    expect(EntryRequest?.properties.turns).toMatchObject({ type: 'number', minimum: 0, maximum: 2000 });
    expect(EntryRequest?.required).not.toContain('turns');
    expect(ChangeDutyRequest?.properties.duty).toMatchObject({
      type: 'object',
      required: ['function', 'dn'],
      properties: { dn: { type: 'integer', exclusiveMinimum: 0 } },
      additionalProperties: false,
    });
  });
});
