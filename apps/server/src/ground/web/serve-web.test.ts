import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { INestApplication } from '@nestjs/common';
import request from 'supertest';
import { createApp } from '../../create-app.js';
import { makeDatabase, testSettings } from '../../testing/test-app.js';

describe('the web application beside the API', () => {
  const webRoot = mkdtempSync(join(tmpdir(), 'grevik-web-'));
  let app: INestApplication;
  let http: Server;
  let database: Awaited<ReturnType<typeof makeDatabase>>;
  beforeAll(async () => {
    mkdirSync(join(webRoot, 'assets'));
    writeFileSync(
      join(webRoot, 'index.html'),
      '<meta name="csp-nonce" content="__CSP_NONCE__"><title>Grevik</title>',
    );
    writeFileSync(join(webRoot, 'assets/app-1a2b.js'), 'go()');
    writeFileSync(join(webRoot, 'assets/app-1a2b.js.gz'), gzipSync('go()'));
    database = await makeDatabase();
    app = await createApp({ ...testSettings(database.url, { offersDemo: false }), webRoot });
    http = app.getHttpServer() as Server;
  });
  afterAll(async () => {
    await app.close();
    await database.drop();
    rmSync(webRoot, { recursive: true });
  });
  const open = (path: string): request.Test => request(http).get(path).set('accept', 'text/html');

  it.each(['/', '/jobs/7/lines/8/line-up/CW-01', '/apiary'])(
    'opens its page at %s, always as it is now',
    async (path) => {
      const answer = await open(path).expect(200);
      expect(answer.text).toContain('<title>Grevik</title>');
      expect(answer.headers['cache-control']).toBe('no-cache');
    },
  );

  it('gives each opening of its page a nonce of its own, in the page and in its policy', async () => {
    const nonces = new Set<string>();
    for (const path of ['/', '/index.html']) {
      const { text, headers } = await open(path).expect(200);
      const nonce = /content="([^"]+)"/.exec(text)?.[1] ?? '';
      expect(String(headers['content-security-policy'])).toContain(`style-src 'self' 'nonce-${nonce}'`);
      nonces.add(nonce);
    }
    expect(nonces.size).toBe(2);
  });

  it('keeps its named files for a year', async () => {
    const answer = await request(http).get('/assets/app-1a2b.js').expect(200);
    expect(answer.headers['cache-control']).toContain('immutable');
  });

  it.each([
    ['gzip, deflate', 'gzip'],
    ['identity', undefined],
  ])('sends a file to a browser that takes %s as %s', async (takes, sent) => {
    const answer = await request(http).get('/assets/app-1a2b.js').set('accept-encoding', takes).expect(200);
    expect(answer.headers['content-encoding']).toBe(sent);
    expect(answer.headers['content-type']).toMatch(/javascript/);
    expect(answer.headers.vary).toContain('Accept-Encoding');
    expect(answer.text).toBe('go()');
  });

  it('opens its page at an address that is not well formed, too', () => open('/%zz').expect(200));

  it.each(['/api/nowhere', '/api', '/assets/gone.js'])(
    'answers %s as what it is: not there',
    async (path) => {
      const answer = await open(path).expect(404);
      expect(answer.body).toMatchObject({ error: { code: 'not-found' } });
    },
  );

  it('does not say what it is made with, nor let out files beside it', async () => {
    const answer = await open('/').expect(200);
    expect(answer.headers).not.toHaveProperty('x-powered-by');
    expect((await request(http).get('/..%2f..%2fetc/passwd')).text).not.toContain('root:');
  });
});
