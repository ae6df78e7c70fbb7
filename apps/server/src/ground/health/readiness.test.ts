import { HealthConnection } from './health-connection.js';
import { Readiness } from './readiness.service.js';

const TEST_DATABASE = process.env.GREVIK_TEST_SERVER_URL ?? '';

describe('readiness', () => {
  it('ends before the server does, which goes on answering meanwhile', async () => {
    const connection = new HealthConnection(TEST_DATABASE);
    const readiness = new Readiness(connection, 0.05);
    await expect(readiness.check()).resolves.toBeUndefined();
    const draining = readiness.onModuleDestroy();
    await expect(readiness.check()).rejects.toMatchObject({ status: 503 });
    await draining;
    await connection.onApplicationShutdown();
  });

  it('is refused where the database does not answer', async () => {
    const connection = new HealthConnection('postgres://127.0.0.1:1/nowhere');
    await expect(new Readiness(connection, 0).check()).rejects.toMatchObject({
      status: 503,
      error: { code: 'unavailable' },
    });
    await connection.onApplicationShutdown();
  });
});
