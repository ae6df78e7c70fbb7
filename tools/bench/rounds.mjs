// Rounds: what is due among 50,000 valves from the index, 1,000 visits that waited sent at once, a round opened without a network.
import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import pg from 'pg';
import { launchBrowser } from '../setup/launch-browser.mjs';
import { median, middle, report } from './measure.mjs';
import { withApp } from './running-app.mjs';

const POSITIONS = 50_000;
const WAITING = 1000;
const STOPS = 60;

await withApp(async ({ address, databaseUrl }) => {
  const browser = await launchBrowser();
  const context = await browser.newContext({ serviceWorkers: 'allow', baseURL: address });
  await context.request.post('/api/session/demo', { data: { role: 'owner' } });
  const get = async (/** @type {string} */ path) => (await context.request.get(`/api/${path}`)).json();
  const [{ id: jobId }] = await get('jobs');
  const until = `${new Date().getUTCFullYear()}-12-31`;
  const health = await median(() => get('health'), 15);

  const client = new pg.Client(databaseUrl);
  await client.connect();
  await client.query(
    `WITH line AS (
       INSERT INTO lines (id, company_id, job_id, name, medium, place_in_job)
       SELECT gen_random_uuid(), company_id, id, 'Grid of ' || $2, 'potable-cold', 99 FROM jobs WHERE id = $1 RETURNING id, company_id, job_id)
     INSERT INTO positions (id, company_id, job_id, line_id, tag, remarks, place_on_line, duty, condition, created_at, updated_at)
     SELECT gen_random_uuid(), company_id, job_id, line.id, 'G-' || n, 'Valve ' || n, n,
       '{"function": "isolate", "dn": 150}', '{"type": "gate-resilient", "turning": "freely"}', now(), now()
     FROM line, generate_series(1, $2::int) n`,
    [jobId, POSITIONS],
  );
  await client.query('DELETE FROM due_jobs');
  const from = performance.now();
  const { due } = await get(`due?until=${until}`);
  report(
    `index of ${POSITIONS} positions worked out (${due} tasks due)`,
    performance.now() - from,
    'health',
    health,
  );
  report(
    `what is due among ${POSITIONS}`,
    await median(() => get(`due?until=${until}`), 15),
    'health',
    health,
  );
  const { rows } = await client.query(`SELECT id FROM positions WHERE tag LIKE 'G-%' LIMIT 60`);
  await client.end();
  const visit = (/** @type {string} */ positionId) => ({
    path: `positions/${positionId}/entries`,
    body: {
      ...{ id: randomUUID(), kind: 'visit', text: '', happenedAt: new Date().toISOString() },
      visit: { done: ['exercise'] },
    },
  });
  const one = visit(rows[0].id);
  await context.request.post(`/api/${one.path}`, { data: one.body });
  const after = performance.now();
  await get(`due?until=${until}`);
  report('  after one visit', performance.now() - after, 'health', health);

  const day = new Date().toISOString().slice(0, 10);
  const made = await context.request.post('/api/rounds', {
    data: { id: randomUUID(), name: 'Sixty', jobIds: [jobId], until, startsOn: day, hoursADay: 6 },
  });
  const whole = await made.json();
  const order = whole.stopsInOrder
    .slice(0, STOPS)
    .map((/** @type {{ positionId: string }} */ of) => of.positionId);
  const round = await (
    await context.request.put(`/api/rounds/${whole.id}`, { data: { version: whole.version, order } })
  ).json();
  const { stopsInOrder } = round;
  const page = await context.newPage();
  await page.goto(`/rounds/${round.id}/${stopsInOrder[0].positionId}`);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.getByText(/is kept on this device/).waitFor();
  await context.setOffline(true);
  /** @type {number[]} */
  const opened = [];
  for (let time = 0; time < 7; time += 1) {
    const began = performance.now();
    await page.goto(`/rounds/${round.id}/${stopsInOrder[1].positionId}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    opened.push(performance.now() - began);
  }
  report(`a round of ${stopsInOrder.length} opened without a network`, middle(opened), 'health', health);

  const { session } = await get('session');
  const waiting = Array.from({ length: WAITING }, (_, at) => ({
    ...visit(rows[at % rows.length].id),
    ...{ ownerId: session.person.id, title: `Visit ${at}`, enteredAt: new Date().toISOString() },
  }));
  await page.evaluate(
    (all) =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('grevik');
        opening.onerror = () => reject(new Error('the device keeps nothing'));
        opening.onsuccess = () => {
          const change = opening.result.transaction('unsent', 'readwrite');
          for (const unsent of all) change.objectStore('unsent').add(unsent);
          change.oncomplete = () => resolve(opening.result.close());
        };
      }),
    waiting,
  );
  await page.reload();
  await page.getByText(`${WAITING} entries are stored on this device`).waitFor();
  const sending = performance.now();
  await context.setOffline(false);
  await page.getByText(/stored on this device and/).waitFor({ state: 'hidden', timeout: 120_000 });
  report(`${WAITING} waiting visits sent in order`, performance.now() - sending, 'health', health);
  await browser.close();
});
