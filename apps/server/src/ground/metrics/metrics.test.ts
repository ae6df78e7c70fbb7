import request from 'supertest';
import { type TestApp, startTestApp } from '../../testing/test-app.js';

describe('metrics', () => {
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp({ metricsKey: 'quay gauge' });
  });
  afterAll(() => test.close());

  it('tell of requests by route, of connections, threads, streams and the event loop', async () => {
    const owner = await test.demo();
    await owner.get('/api/jobs').expect(200);
    await owner.get('/api/jobs/00000000-0000-4000-8000-000000000000').expect(404);
    const { text } = await request(test.http).get('/metrics').expect(200);
    expect(text).toMatch(
      /grevik_request_seconds_count\{method="GET",route="\/api\/jobs",status="200"\} [1-9]/,
    );
    // An id makes no series of its own.
    expect(text).toMatch(/route="\/api\/jobs\/:id",status="404"/);
    expect(text).not.toContain('00000000-0000-4000');
    for (const name of [
      'grevik_database_connections{state="free"}',
      'grevik_thread_tasks{state="waiting"}',
      'grevik_live_streams{state="open"}',
      'nodejs_eventloop_lag_p99_seconds',
    ])
      expect(text).toContain(name);
  });

  it('are for this machine, and for whoever has the key', async () => {
    const through = () => request(test.http).get('/metrics').set('X-Forwarded-For', '203.0.113.9');
    await through().expect(404);
    await through().set('Authorization', 'Bearer another key').expect(404);
    await through().set('Authorization', 'Bearer quay gauge').expect(200);
  });
});
