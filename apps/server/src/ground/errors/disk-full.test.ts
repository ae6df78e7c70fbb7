import { randomUUID } from 'node:crypto';
import type { HistoryView, JobView, LineView, PositionView } from '@grevik/contracts';
import { Sequelize } from 'sequelize';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

/** PostgreSQL’s own answer to a write when its disk is full, given by a trigger in place of a full disk. */
const FULL = `
  CREATE FUNCTION disk_is_full() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN RAISE EXCEPTION 'could not extend file: No space left on device' USING ERRCODE = '53100'; END $$;
  CREATE TRIGGER full_entries BEFORE INSERT ON entries EXECUTE FUNCTION disk_is_full();
  CREATE TRIGGER full_changes BEFORE INSERT ON changes EXECUTE FUNCTION disk_is_full();`;
const ROOM = `DROP TRIGGER full_entries ON entries; DROP TRIGGER full_changes ON changes;`;

describe('with the disk full', () => {
  let test: TestApp;
  let foreman: Agent;
  let admin: Sequelize;
  let lineId: string;
  beforeAll(async () => {
    test = await startTestApp();
    foreman = await test.demo('foreman');
    admin = new Sequelize(test.databaseUrl, { logging: false });
    const [job] = (await foreman.get('/api/jobs')).body as [JobView];
    lineId = job.lines[0]!.id;
  });
  afterAll(async () => {
    await admin.close();
    await test.close();
  });
  const position = async (): Promise<PositionView> =>
    ((await foreman.get(`/api/lines/${lineId}`).expect(200)).body as LineView).positions[5]!;

  it('nothing is half saved, it says so, what is there can be read, and the same request goes through with room again', async () => {
    const before = await position();
    const entry = { id: randomUUID(), kind: 'note', text: 'kept', happenedAt: '2026-01-02T03:04:05.000Z' };
    const duty = { version: before.version, duty: { ...before.duty, temperatureC: 33 } };
    const write = () => foreman.post(`/api/positions/${before.id}/entries`).send(entry);
    const change = () => foreman.put(`/api/positions/${before.id}/duty`).send(duty);

    await admin.query(FULL);
    for (const refused of [await write(), await change()]) {
      expect(refused.status).toBe(503);
      expect(refused.body).toMatchObject({
        error: {
          code: 'unavailable',
          message: expect.stringContaining('disk of the database is full') as string,
        },
      });
    }
    expect(await position()).toEqual(before);

    await admin.query(ROOM);
    await write().expect(201);
    await change().expect(200);
    const { entries, changes } = (await foreman.get(`/api/positions/${before.id}/history`))
      .body as HistoryView<unknown>;
    expect([entries.length, changes.length]).toEqual([1, 1]);
    expect((await position()).duty.temperatureC).toBe(33);
  });
});
