import { randomUUID } from 'node:crypto';
import type { TaskView } from '@grevik/contracts';
import { getConnectionToken } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize';
import { createApp } from '../../create-app.js';
import { type Agent, type TestApp, startTestApp, testSettings } from '../../testing/test-app.js';
import { inCompany } from '../database/company-scope.js';
import { inTransaction } from '../database/work-context.js';
import { holdsLease } from './lease.js';
import { Queue, type TaskRun } from './queue.service.js';

describe('the queue', () => {
  let test: TestApp;
  let second: Awaited<ReturnType<typeof createApp>>;
  let owner: Agent;
  let companyId = '';
  let sequelize: Sequelize;
  const queues = (): Queue[] => [test.app.get(Queue), second.get(Queue)];

  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    second = await createApp(testSettings(test.databaseUrl, { offersDemo: false }));
    owner = await test.owner();
    sequelize = test.app.get<Sequelize>(getConnectionToken());
    const [rows] = await sequelize.query('SELECT id FROM companies ORDER BY id LIMIT 1');
    companyId = (rows as [{ id: string }])[0].id;
  });
  afterAll(async () => {
    await second.close();
    await test.close();
  });

  const add = (what: string, given: object = {}): Promise<string> =>
    inCompany(companyId, () => test.app.get(Queue).add('quote', what, given));
  const listed = async (id: string): Promise<TaskView> => {
    const { body } = (await owner.get('/api/tasks').expect(200)) as { body: TaskView[] };
    return body.find((task) => task.id === id)!;
  };
  const becomes = async (id: string, state: TaskView['state'], withinMs = 15_000): Promise<TaskView> => {
    for (const until = Date.now() + withinMs; Date.now() < until;) {
      const task = await listed(id);
      if (task.state === state) return task;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    throw new Error(`it stays ${JSON.stringify(await listed(id))}`);
  };
  const works = (work: (run: TaskRun<object>) => Promise<void>): void => {
    for (const queue of queues()) queue.does<object>('quote', work);
  };

  it('does each task once, whichever server takes it, and says how far it is', async () => {
    let effects = 0;
    works(async ({ progress, once }) => {
      await progress(1, 2);
      await once(() => Promise.resolve(void (effects += 1)));
    });
    const ids = [];
    for (let at = 0; at < 8; at += 1) ids.push(await add(`Supplier ${at}`));
    for (const id of ids) expect(await becomes(id, 'done')).toMatchObject({ done: 1, total: 2, tries: 1 });
    expect(effects).toBe(8);
  });

  it('adds nothing where what it follows from is not stored', async () => {
    works(() => Promise.resolve());
    let id = '';
    await expect(
      inTransaction(sequelize, async () => {
        id = await add('Given up');
        throw new Error('given up');
      }),
    ).rejects.toThrow('given up');
    expect(await listed(id)).toBeUndefined();
  });

  it('tries again what failed, with the reason in sight', async () => {
    let tries = 0;
    works(() => {
      tries += 1;
      return tries < 2 ? Promise.reject(new Error('The line was busy.')) : Promise.resolve();
    });
    const id = await add('Busy');
    while ((await listed(id)).problem === null) await new Promise((resolve) => setTimeout(resolve, 20));
    expect(await listed(id)).toMatchObject({ state: 'waiting', problem: 'The line was busy.' });
    expect(await becomes(id, 'done', 30_000)).toMatchObject({ tries: 2, problem: null });
  }, 60_000);

  it('ends what is cancelled at its next step, without its effect, and begins it again', async () => {
    let effects = 0;
    let goOn: () => void = () => undefined;
    const stopped = new Promise<void>((resolve) => (goOn = resolve));
    works(async ({ once }) => {
      await stopped;
      await once(() => Promise.resolve(void (effects += 1)));
    });
    const id = await add('Cancelled');
    await becomes(id, 'running');
    await owner.delete(`/api/tasks/${id}`).expect(204);
    goOn();
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(await listed(id)).toMatchObject({ state: 'cancelled' });
    expect(effects).toBe(0);
    await owner.delete(`/api/tasks/${id}`).expect(409);
    await owner.post(`/api/tasks/${id}/again`).expect(204);
    await becomes(id, 'done');
    expect(effects).toBe(1);
    await owner.post(`/api/tasks/${id}/again`).expect(409);
  });

  it('has its effect once, also where two servers do the same task', async () => {
    let effects = 0;
    let runs = 0;
    works(async ({ once }) => {
      runs += 1;
      await once(async () => {
        await new Promise((resolve) => setTimeout(resolve, 200));
        effects += 1;
      });
    });
    const id = await add('Twice');
    // As if its server had been taken for lost: the same task is sent a second time.
    await sequelize.query(
      `INSERT INTO pgboss.job (name, data) SELECT name, data FROM pgboss.job WHERE data->>'taskId' = :id`,
      { replacements: { id } },
    );
    await becomes(id, 'done');
    await new Promise((resolve) => setTimeout(resolve, 2500));
    expect(effects).toBe(1);
    expect(runs).toBeGreaterThanOrEqual(1);
  });

  it('judges every job anew after a house rule is another', async () => {
    await owner.post('/api/jobs').send({ name: 'Quay' }).expect(201);
    await owner
      .put('/api/company/house-rules')
      .send({ version: 0, houseRules: { stops: 'multi-turn' } })
      .expect(200);
    const { body } = (await owner.get('/api/tasks').expect(200)) as { body: TaskView[] };
    const task = body.find(({ kind }) => kind === 'judge-jobs')!;
    expect(await becomes(task.id, 'done')).toMatchObject({ done: 1, total: 1, by: 'Tove Aldous' });
  });

  // Last: the models of this file then belong to the application that it starts.
  it('takes up what waits and is in no queue, as after a backup was restored', async () => {
    works(() => Promise.resolve());
    const id = randomUUID();
    await sequelize.query(
      `INSERT INTO tasks (company_id, id, kind, what, given) VALUES (:companyId, :id, 'quote', 'Restored', '{}')`,
      { replacements: { companyId, id } },
    );
    const third = await createApp(testSettings(test.databaseUrl, { offersDemo: false }));
    await becomes(id, 'done');
    await third.close();
  });
});

describe('a lease', () => {
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
  });
  afterAll(() => test.close());

  it('is held by one process, by itself again and again, and by another once its time is up', async () => {
    const sequelize = test.app.get<Sequelize>(getConnectionToken());
    expect(await holdsLease(sequelize, 'played', 10_000)).toBe(true);
    expect(await holdsLease(sequelize, 'played', 10_000)).toBe(true);
    await sequelize.query(`UPDATE leases SET holder = gen_random_uuid() WHERE name = 'played'`);
    expect(await holdsLease(sequelize, 'played', 10_000)).toBe(false);
    await sequelize.query(`UPDATE leases SET until = now() - interval '1 s' WHERE name = 'played'`);
    expect(await holdsLease(sequelize, 'played', 10_000)).toBe(true);
  });
});
