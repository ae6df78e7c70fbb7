import { QueryTypes, Sequelize } from 'sequelize';
import { makeDatabase } from '../../testing/test-app.js';
import { migrate, migrationsOf } from './migrate.js';

describe('migrations', () => {
  let database: Awaited<ReturnType<typeof makeDatabase>>;
  let sequelize: Sequelize;
  beforeAll(async () => {
    database = await makeDatabase();
    sequelize = new Sequelize(database.url, { logging: false });
  });
  afterAll(async () => {
    await sequelize.close();
    await database.drop();
  });

  const tables = async (): Promise<string[]> => {
    const rows = await sequelize.query<{ tablename: string }>(
      `SELECT tablename FROM pg_tables WHERE schemaname = 'public' ORDER BY 1`,
      { type: QueryTypes.SELECT },
    );
    return rows.map(({ tablename }) => tablename);
  };

  it('go up, down to nothing and up again, and twice changes nothing', async () => {
    await migrate(database.url);
    const first = await tables();
    expect(first).toContain('positions');
    await migrationsOf(sequelize).down({ to: 0 });
    expect(await tables()).toEqual(['migrations']);
    await Promise.all([migrate(database.url), migrate(database.url)]);
    expect(await tables()).toEqual(first);
  });

  it('leave a database alone that a newer version has worked on', async () => {
    await migrate(database.url);
    const before = await tables();
    await sequelize.query(`INSERT INTO migrations (name) VALUES ('9001-from-the-future')`);
    await expect(migrate(database.url)).rejects.toThrow(
      'belongs to a newer Grevik (it has “9001-from-the-future”)',
    );
    expect(await tables()).toEqual(before);
    await sequelize.query(`DELETE FROM migrations WHERE name LIKE '9001%'`);
    await migrate(database.url);
  });

  it.each([
    [
      'a position without pressure',
      `INSERT INTO positions (id, company_id, job_id, line_id, tag, place_on_line, duty) SELECT gen_random_uuid(), company_id, job_id, id, 'X', 0, '{"function":"isolate","dn":20,"pressurePa":-1,"temperatureC":1}' FROM lines`,
    ],
    [
      'a line of an unknown medium',
      `INSERT INTO lines (id, company_id, job_id, name, medium, place_in_job) SELECT gen_random_uuid(), company_id, id, 'Soup', 'soup', 1 FROM jobs`,
    ],
    [
      'a line of another company',
      `INSERT INTO lines (id, company_id, job_id, name, medium, place_in_job) SELECT gen_random_uuid(), c.id, j.id, 'Theirs', 'potable-cold', 2 FROM jobs j, companies c WHERE c.slug = 'b'`,
    ],
    [
      'two jobs of one name',
      `INSERT INTO jobs (id, company_id, name) SELECT gen_random_uuid(), company_id, upper(name) FROM jobs`,
    ],
  ])('the database itself refuses %s', async (_what, insert) => {
    await sequelize.query(`
      INSERT INTO companies (id, slug, name, currency) VALUES (gen_random_uuid(), 'a', 'A', 'USD'), (gen_random_uuid(), 'b', 'B', 'USD') ON CONFLICT DO NOTHING;
      INSERT INTO jobs (id, company_id, name) SELECT gen_random_uuid(), id, 'job' FROM companies WHERE slug = 'a' ON CONFLICT DO NOTHING;
      INSERT INTO lines (id, company_id, job_id, name, medium, place_in_job) SELECT gen_random_uuid(), company_id, id, 'cold', 'potable-cold', 0 FROM jobs ON CONFLICT DO NOTHING;
    `);
    await expect(sequelize.query(insert)).rejects.toMatchObject({
      original: { constraint: expect.any(String) as string },
    });
  });
});
