import type { JobView, LineView, SessionView, StartUpView } from '@grevik/contracts';
import { QueryTypes, Sequelize } from 'sequelize';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

/** Tables that grow with the work. */
const LARGE = [
  'changes',
  'due_tasks',
  'entries',
  'level_samples',
  'lines',
  'order_lines',
  'orders',
  'owner_pages',
  'photos',
  'picks',
  'positions',
  'reading_samples',
  'start_up_entries',
  'walks',
];
const NOBODY = '00000000-0000-4000-8000-000000000000';
/** What has to be given with it. */
const ASKED_WITH: Readonly<Record<string, string>> = {
  '/api/due': '?until=2027-01-01',
  '/api/search': '?text=cw-1',
};
/** What is a stream, or a page that only describes. */
const NOT_ASKED = /live|turn-counter|docs|health/;

describe('the plans of queries', () => {
  let test: TestApp;
  let owner: Agent;
  let admin: Sequelize;
  beforeAll(async () => {
    // Whatever has an index uses it, however few rows there are: what is read whole has none.
    test = await startTestApp({ settingsOfDatabase: { enable_seqscan: 'off' } });
    owner = await test.demo();
    admin = new Sequelize(test.databaseUrl, { logging: false, pool: { max: 1 } });
  });
  afterAll(async () => {
    await admin.close();
    await test.close();
  });

  const scans = async (): Promise<Record<string, number>> => {
    // A table in parts is read from end to end where any of its parts is.
    const rows = await admin.query<{ name: string; scans: string }>(
      `SELECT coalesce(w.relname, s.relname) AS name, sum(s.seq_scan) AS scans
       FROM pg_stat_user_tables s LEFT JOIN pg_inherits i ON i.inhrelid = s.relid LEFT JOIN pg_class w ON w.oid = i.inhparent
       WHERE coalesce(w.relname, s.relname) IN (:large) GROUP BY 1`,
      { type: QueryTypes.SELECT, replacements: { large: LARGE } },
    );
    return Object.fromEntries(rows.map(({ name, scans: count }) => [name, Number(count)]));
  };

  it('read no large table from end to end, whatever is asked', async () => {
    const [job] = (await owner.get('/api/jobs').expect(200)).body as [JobView];
    const { paths } = (await owner.get('/api/docs.json').expect(200)).body as {
      paths: Record<string, Record<string, object>>;
    };
    const lines: LineView[] = [];
    for (const { id } of job.lines) lines.push((await owner.get(`/api/lines/${id}`)).body as LineView);
    const idOf = async (list: string): Promise<string> =>
      ((await owner.get(list).expect(200)).body as [{ id: string }])[0].id;
    const readings = (await owner.get(`/api/lines/${lines[0]!.id}/start-up`)).body as StartUpView;
    const { session } = (await owner.get('/api/session')).body as { session: SessionView };
    const ids: Record<string, string | undefined> = {
      jobs: job.id,
      lines: lines[0]!.id,
      positions: lines[0]!.positions[0]!.id,
      people: session.person.id,
      rounds: await idOf('/api/rounds'),
      readings: readings.readings[0]?.id,
    };
    const before = await scans();
    expect(Object.keys(before).sort()).toEqual([...LARGE].sort());
    let asked = 0;
    for (const [path, verbs] of Object.entries(paths)) {
      if (!verbs.get || NOT_ASKED.test(path)) continue;
      const to = path
        .replace(/(\w+)\/\{id\}/, (_all, kind: string) => `${kind}/${ids[kind] ?? NOBODY}`)
        .replace(/\{\w+\}/g, NOBODY);
      const { status } = await owner.get(`${to}${ASKED_WITH[path] ?? ''}`);
      expect([200, 400, 403, 404]).toContain(status);
      asked += 1;
    }
    expect(asked).toBeGreaterThan(40);
    // A connection writes down its counts when it ends.
    await admin.query(
      `SELECT pg_terminate_backend(pid, 10000) FROM pg_stat_activity WHERE datname = current_database() AND pid <> pg_backend_pid()`,
    );
    const after = await scans();
    expect(LARGE.filter((name) => after[name] !== before[name])).toEqual([]);
  }, 120_000);
});
