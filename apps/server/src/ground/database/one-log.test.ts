import { CHANGE_KINDS, ENTRY_KINDS } from '@grevik/core';
import { QueryTypes, Sequelize } from 'sequelize';
import { makeDatabase } from '../../testing/test-app.js';
import { migrate, migrationsOf } from './migrate.js';
import { inTransaction } from './work-context.js';

/** A company with a person, a position and what was written there, as the version before kept it. */
const BEFORE = `
  INSERT INTO companies (id, slug, name, currency) VALUES ('00000000-0000-4000-8000-000000000001', 'a', 'A', 'USD');
  INSERT INTO people (id, company_id, name, email, role) VALUES
    ('00000000-0000-4000-8000-000000000002', '00000000-0000-4000-8000-000000000001', 'Ada', 'ada@a.example', 'foreman');
  INSERT INTO jobs (id, company_id, name) VALUES ('00000000-0000-4000-8000-000000000003', '00000000-0000-4000-8000-000000000001', 'Job');
  INSERT INTO lines (id, company_id, job_id, name, medium, place_in_job) VALUES
    ('00000000-0000-4000-8000-000000000004', '00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000003', 'Cold', 'potable-cold', 0);
  INSERT INTO positions (id, company_id, job_id, line_id, tag, place_on_line, duty, condition) VALUES
    ('00000000-0000-4000-8000-000000000005', '00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000003',
     '00000000-0000-4000-8000-000000000004', 'CW-1', 0, '{"function":"isolate","dn":20,"pressurePa":500000,"temperatureC":10}',
     '{"turning":"seized","turnedAt":"2020-05-01T10:00:00.000Z","leaking":"stem"}');
  INSERT INTO photos (id, company_id, position_id, person_id, type, content, taken_at) VALUES
    ('00000000-0000-4000-8000-000000000006', '00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000005',
     '00000000-0000-4000-8000-000000000002', 'image/png', 'x', now());
  INSERT INTO changes (id, company_id, job_id, position_id, kind, what, person_id) VALUES
    ('00000000-0000-4000-8000-000000000007', '00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000003',
     '00000000-0000-4000-8000-000000000005', 'duty', 'CW-1', '00000000-0000-4000-8000-000000000002');
`;

describe('a database of the version before', () => {
  let database: Awaited<ReturnType<typeof makeDatabase>>;
  let sequelize: Sequelize;
  beforeAll(async () => {
    database = await makeDatabase();
    sequelize = new Sequelize(database.url, { logging: false });
    await migrationsOf(sequelize).up({ to: '0006-hook-up-and-orders' });
    await sequelize.query(BEFORE);
    await migrate(database.url);
  });
  afterAll(async () => {
    await sequelize.close();
    await database.drop();
  });
  const ask = <T extends object>(query: string): Promise<T[]> =>
    sequelize.query<T>(query, { type: QueryTypes.SELECT });

  it('keeps what was entered, and has what is often asked in columns', async () => {
    const [position] = await ask(
      `SELECT turning, holding, leaking, last_operated_at = '2020-05-01T10:00:00Z' AS operated FROM positions`,
    );
    expect(position).toEqual({ turning: 'seized', holding: null, leaking: 'stem', operated: true });
    await sequelize.query(`UPDATE positions SET condition = '{"turning":"freely"}'`);
    expect(await ask('SELECT turning, last_operated_at FROM positions')).toEqual([
      { turning: 'freely', last_operated_at: null },
    ]);
    const [photo] = await ask(`SELECT sent_sha256 = sha256('x') AS known FROM photos`);
    expect(photo).toEqual({ known: true });
    expect(await ask('SELECT kind FROM changes')).toEqual([{ kind: 'duty' }]);
  });

  it('knows the kinds that the core has, and no others', async () => {
    const kinds = async (table: string): Promise<string[]> =>
      (await ask<{ kind: string }>(`SELECT kind FROM ${table}`)).map(({ kind }) => kind).sort();
    expect(await kinds('entry_kinds')).toEqual([...ENTRY_KINDS].sort());
    expect(await kinds('change_kinds')).toEqual([...CHANGE_KINDS].sort());
    await expect(
      sequelize.query(
        `INSERT INTO changes (id, company_id, kind, what, person_id) SELECT gen_random_uuid(), company_id, 'sung', 'x', id FROM people`,
      ),
    ).rejects.toMatchObject({ original: { constraint: 'changes_kind_fkey' } });
  });

  it('finds what was operated last by an index', async () => {
    const plan = await inTransaction(sequelize, async () => {
      // So few rows are sorted sooner than looked up.
      await sequelize.query('SET LOCAL enable_seqscan = off; SET LOCAL enable_sort = off');
      return ask<{ 'QUERY PLAN': string }>(
        `EXPLAIN SELECT id FROM positions WHERE company_id = '00000000-0000-4000-8000-000000000001' ORDER BY last_operated_at LIMIT 5`,
      );
    });
    expect(plan.map((row) => row['QUERY PLAN']).join('\n')).toContain('positions_last_operated');
  });

  it('goes back to the version before, and forward again', async () => {
    await migrationsOf(sequelize).down({ to: '0007-one-log' });
    expect(await ask('SELECT kind FROM changes')).toEqual([{ kind: 'duty' }]);
    await migrate(database.url);
    expect(await ask('SELECT turning FROM positions')).toEqual([{ turning: 'freely' }]);
  });
});

describe('a transaction', () => {
  let database: Awaited<ReturnType<typeof makeDatabase>>;
  let sequelize: Sequelize;
  beforeAll(async () => {
    database = await makeDatabase();
    sequelize = new Sequelize(database.url, { logging: false, pool: { max: 2, acquire: 2_000 } });
    await sequelize.query('CREATE TABLE kept (number integer)');
  });
  afterAll(async () => {
    await sequelize.close();
    await database.drop();
  });
  const insert = (number: number): Promise<unknown> =>
    sequelize.query('INSERT INTO kept VALUES (:number)', { replacements: { number } });
  const stored = async (): Promise<number[]> =>
    (
      await sequelize.query<{ number: number }>('SELECT number FROM kept ORDER BY 1', {
        type: QueryTypes.SELECT,
      })
    ).map(({ number }) => number);

  it('is joined by every query in it, and by another one that begins in it', async () => {
    await expect(
      inTransaction(sequelize, async () => {
        await insert(1);
        await inTransaction(sequelize, () => insert(2));
        expect(await stored()).toEqual([1, 2]);
        throw new Error('given up');
      }),
    ).rejects.toThrow('given up');
    expect(await stored()).toEqual([]);
  });

  it('of each of many at once needs one connection alone', async () => {
    const many = Array.from({ length: 20 }, (_, at) =>
      inTransaction(sequelize, async () => {
        await insert(10 + at);
        await stored();
      }),
    );
    await Promise.all(many);
    expect(await stored()).toHaveLength(20);
  });
});
