import { QueryTypes, Sequelize } from 'sequelize';
import { makeDatabase } from '../../testing/test-app.js';
import { migrate, migrationsOf } from './migrate.js';
import { keepPartitions, partsBetween } from './partitions.js';

describe('the parts of a table', () => {
  it('are years or months, from the first moment to the last', () => {
    const years = { table: 'entries', by: 'received_at', step: 'year' } as const;
    expect(partsBetween(years, new Date('2026-03-01'), new Date('2027-01-01'))).toEqual([
      { name: 'entries_2026', from: '2026-01-01', to: '2027-01-01' },
      { name: 'entries_2027', from: '2027-01-01', to: '2028-01-01' },
    ]);
    const months = { table: 'level_samples', by: 'at', step: 'month' } as const;
    expect(
      partsBetween(months, new Date('2026-11-30'), new Date('2027-01-01')).map(({ name }) => name),
    ).toEqual(['level_samples_202611', 'level_samples_202612', 'level_samples_202701']);
  });
});

const ID = (n: number): string => `00000000-0000-4000-8000-00000000000${n}`;
/** A company with a position, an entry of some years ago and one of today, and a change that undoes another, in tables that are whole. */
const BEFORE = `
  INSERT INTO companies (id, slug, name, currency) VALUES ('${ID(1)}', 'a', 'A', 'USD');
  INSERT INTO people (id, company_id, name, email, role) VALUES ('${ID(2)}', '${ID(1)}', 'Ada', 'ada@a.example', 'foreman');
  INSERT INTO jobs (id, company_id, name) VALUES ('${ID(3)}', '${ID(1)}', 'Job');
  INSERT INTO lines (id, company_id, job_id, name, medium, place_in_job) VALUES ('${ID(4)}', '${ID(1)}', '${ID(3)}', 'Cold', 'potable-cold', 0);
  INSERT INTO positions (id, company_id, job_id, line_id, tag, place_on_line, duty) VALUES
    ('${ID(5)}', '${ID(1)}', '${ID(3)}', '${ID(4)}', 'CW-1', 0, '{"function":"isolate","dn":20,"pressurePa":500000,"temperatureC":10}');
  INSERT INTO entries (id, company_id, position_id, person_id, kind, text, happened_at, received_at) VALUES
    ('${ID(6)}', '${ID(1)}', '${ID(5)}', '${ID(2)}', 'note', 'long ago', '2019-05-01', '2019-05-01'),
    ('${ID(7)}', '${ID(1)}', '${ID(5)}', '${ID(2)}', 'note', 'today', now(), now());
  INSERT INTO changes (id, company_id, job_id, position_id, kind, what, person_id, at, undoes) VALUES
    ('${ID(8)}', '${ID(1)}', '${ID(3)}', '${ID(5)}', 'duty', 'CW-1', '${ID(2)}', '2019-05-01', NULL),
    ('${ID(9)}', '${ID(1)}', '${ID(3)}', '${ID(5)}', 'duty', 'CW-1', '${ID(2)}', '2019-05-02', '${ID(8)}');
`;

describe('a database whose logs were whole', () => {
  let database: Awaited<ReturnType<typeof makeDatabase>>;
  let sequelize: Sequelize;
  beforeAll(async () => {
    database = await makeDatabase();
    sequelize = new Sequelize(database.url, { logging: false });
    await migrationsOf(sequelize).up({ to: '0025-task-files' });
    await sequelize.query(`INSERT INTO entry_kinds VALUES ('note') ON CONFLICT DO NOTHING; ${BEFORE}`);
    await migrate(database.url);
  });
  afterAll(async () => {
    await sequelize.close();
    await database.drop();
  });
  const ask = <T extends object>(query: string): Promise<T[]> =>
    sequelize.query<T>(query, { type: QueryTypes.SELECT });
  const parts = async (table: string): Promise<string[]> =>
    (await ask<{ part: string }>(`SELECT tableoid::regclass::text AS part FROM ${table} ORDER BY 1`)).map(
      ({ part }) => part,
    );
  const year = new Date().getUTCFullYear();
  const write = (id: string): Promise<unknown> =>
    sequelize.query(`INSERT INTO entries (id, company_id, position_id, person_id, kind, text, happened_at)
      VALUES ('${id}', '${ID(1)}', '${ID(5)}', '${ID(2)}', 'note', 'again', now())`);
  const change = (id: string, undoes: string | null): Promise<unknown> =>
    sequelize.query(`INSERT INTO changes (id, company_id, job_id, kind, what, person_id, undoes)
      VALUES ('${id}', '${ID(1)}', '${ID(3)}', 'duty', 'CW-1', '${ID(2)}', ${undoes === null ? 'NULL' : `'${undoes}'`})`);

  it('has every row in the part of its year, numbered on from the last', async () => {
    expect(await parts('entries')).toEqual(['entries_2019', `entries_${year}`]);
    expect(await parts('changes')).toEqual(['changes_2019', 'changes_2019']);
    await change('00000000-0000-4000-8000-000000000010', null);
    const numbers = await ask<{ n: string }>('SELECT number AS n FROM changes ORDER BY number');
    expect(numbers.map(({ n }) => Number(n))).toEqual([1, 2, 3]);
  });

  it('stores no id twice, whatever part it would go to, and undoes nothing twice', async () => {
    await expect(write(ID(6))).rejects.toMatchObject({ name: 'SequelizeUniqueConstraintError' });
    await expect(change(ID(8), null)).rejects.toMatchObject({ name: 'SequelizeUniqueConstraintError' });
    await expect(change('00000000-0000-4000-8000-000000000011', ID(8))).rejects.toMatchObject({
      name: 'SequelizeUniqueConstraintError',
    });
    expect(await parts('entries')).toHaveLength(2);
  });

  it('is still a log: nothing is rewritten, and what no part is there for is kept', async () => {
    await expect(sequelize.query(`UPDATE entries SET text = 'x'`)).rejects.toThrow('is a log');
    await expect(sequelize.query('DELETE FROM changes')).rejects.toThrow('is a log');
    await sequelize.query(`INSERT INTO entries (id, company_id, position_id, person_id, kind, text, happened_at, received_at)
      VALUES ('00000000-0000-4000-8000-000000000012', '${ID(1)}', '${ID(5)}', '${ID(2)}', 'note', 'far', now(), '2090-01-01')`);
    expect(await parts('entries')).toContain('entries_rest');
    // Parts of that time come all the same, beside the one that has a stray.
    await keepPartitions(sequelize, new Date('2089-06-01'));
    const [{ names }] = (await ask<{ names: string[] }>(
      `SELECT array_agg(c.relname::text ORDER BY c.relname) AS names FROM pg_inherits i JOIN pg_class c ON c.oid = i.inhrelid WHERE i.inhparent = 'entries'::regclass AND c.relname > 'entries_208'`,
    )) as [{ names: string[] }];
    expect(names).toEqual(['entries_2089', 'entries_2091', 'entries_rest']);
  });
});
