import { randomBytes, randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import type { HistoryView, JobView, LineView } from '@grevik/contracts';
import type { INestApplication } from '@nestjs/common';
import type { Server } from 'node:http';
import { Sequelize } from 'sequelize';
import request from 'supertest';
import { type Cluster, startCluster } from '../../../../../tools/setup/postgres.mjs';
import { type Standby, startStandby } from '../../../../../tools/setup/standby.mjs';
import { createApp } from '../../create-app.js';
import { type Relay, startRelay } from '../../testing/relay.js';
import { type Agent, testSettings } from '../../testing/test-app.js';
import { ReplicaReads } from './replica-reads.service.js';

/** Two clusters and the demo are made first, on whatever machine. */
const SETUP_MS = 240_000;
/** By when writes are taken again after a fail-over, on whatever machine. */
const ACKNOWLEDGED_MS = 90_000;
const folder = (): string => join(tmpdir(), `grevik-replica-${randomBytes(4).toString('hex')}`);
const of = (url: string, database: string): string => url.replace(/\/[^/]*$/, `/${database}`);
const portOf = (url: string): number => Number(new URL(url).port);

describe('a primary and its standby', () => {
  const folders = [folder(), folder()] as const;
  let primary: Cluster;
  let standby: Standby;
  let relay: Relay;
  let app: INestApplication;
  let http: Server;
  let foreman: Agent;
  let reads: ReplicaReads;
  let behind: Sequelize;

  beforeAll(async () => {
    primary = await startCluster(folders[0]);
    const admin = new Sequelize(primary.url, { logging: false });
    await admin.query('CREATE DATABASE grevik');
    standby = await startStandby(folders[1], primary.url);
    // What is acknowledged is on both.
    await admin.query(`ALTER SYSTEM SET synchronous_standby_names = '*'`);
    await admin.query('SELECT pg_reload_conf()');
    await admin.close();
    relay = await startRelay(portOf(primary.url));
    const throughRelay = of(primary.url, 'grevik').replace(/:\d+\//, `:${relay.port}/`);
    behind = new Sequelize(of(standby.url, 'grevik'), { logging: false });
    app = await createApp({ ...testSettings(throughRelay), readUrls: [of(standby.url, 'grevik')] });
    await app.listen(0, '127.0.0.1');
    http = app.getHttpServer() as Server;
    reads = app.get(ReplicaReads);
    foreman = request.agent(http);
    await foreman.post('/api/session/demo').send({ role: 'foreman' }).expect(200);
  }, SETUP_MS);
  afterAll(async () => {
    await app.close();
    await behind.close();
    await relay.close();
    await standby.stop();
    for (const one of folders) rmSync(one, { recursive: true, force: true });
  });

  const names = async (): Promise<string[]> =>
    ((await foreman.get('/api/jobs/listings').expect(200)).body as { name: string }[]).map(
      ({ name }) => name,
    );
  const addJob = (name: string) => foreman.post('/api/jobs').send({ name }).expect(201);

  it('answer heavy reads from the standby, and never without what was just written', async () => {
    for (let round = 0; round < 10; round += 1) {
      await addJob(`Shed ${round}`);
      expect(await names()).toContain(`Shed ${round}`);
    }
    expect(reads.counts).toEqual({ replica: 10, late: 0, gone: 0, wrote: 0 });
  });

  it('take the primary while the standby is late', async () => {
    await behind.query('SELECT pg_wal_replay_pause()');
    await addJob('Late shed');
    expect(await names()).toContain('Late shed');
    expect(reads.counts).toMatchObject({ replica: 10, late: 1 });
    await behind.query('SELECT pg_wal_replay_resume()');
  });

  it(
    'lose nothing that was acknowledged, and store nothing twice, where the standby is promoted while clients write',
    async () => {
      const jobs = (await foreman.get('/api/jobs')).body as JobView[];
      const lineId = jobs.flatMap(({ lines }) => lines)[0]!.id;
      const line = (await foreman.get(`/api/lines/${lineId}`)).body as LineView;
      const { id } = line.positions[3]!;
      const acknowledged: string[] = [];
      let isOver = false;
      let answer: request.Response | undefined;
      const write = async (): Promise<void> => {
        while (!isOver) {
          const entry = {
            id: randomUUID(),
            kind: 'note',
            text: 'kept',
            happenedAt: '2026-01-02T03:04:05.000Z',
          };
          // As the outbox of a page does: the same entry again until it is confirmed.
          do answer = await foreman.post(`/api/positions/${id}/entries`).send(entry);
          while (answer.status === 503 && !isOver);
          // 200 where it was stored by what was not confirmed.
          if (answer.ok) acknowledged.push(entry.id);
          else if (answer.status !== 503) throw new Error(`${answer.status} ${answer.text}`);
        }
      };
      const writers = [write(), write(), write()];
      const reached = async (count: number): Promise<void> => {
        for (const from = Date.now(); acknowledged.length < count; await pause(20))
          if (Date.now() - from > ACKNOWLEDGED_MS)
            throw new Error(`${acknowledged.length} acknowledged, then ${answer?.status} ${answer?.text}`);
      };
      // A writer that is refused for good ends the test with what it was told.
      const until = (count: number): Promise<unknown> => Promise.race([reached(count), Promise.all(writers)]);
      await until(20);
      const admin = new Sequelize(of(standby.url, 'postgres'), { logging: false });
      await primary.stop();
      await standby.promote();
      await admin.query('ALTER SYSTEM RESET synchronous_standby_names');
      await admin.query('SELECT pg_reload_conf()');
      await admin.close();
      relay.leadTo(portOf(standby.url));
      const promoted = acknowledged.length;
      await until(promoted + 20);
      isOver = true;
      await Promise.all(writers);
      const { entries } = (await foreman.get(`/api/positions/${id}/history`).expect(200))
        .body as HistoryView<unknown>;
      const stored = new Set(entries.map((entry) => (entry as { id: string }).id));
      expect(acknowledged.filter((one) => !stored.has(one))).toEqual([]);
      const [rows] = await behind.query(
        `SELECT count(*)::int AS n, count(DISTINCT id)::int AS distinct FROM entries WHERE text = 'kept'`,
      );
      expect(rows).toEqual([{ n: acknowledged.length, distinct: acknowledged.length }]);
      expect(await names()).toContain('Late shed');
    },
    SETUP_MS,
  );
});
