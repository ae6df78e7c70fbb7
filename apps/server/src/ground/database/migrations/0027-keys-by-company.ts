import { type QueryInterface, QueryTypes, type Sequelize } from 'sequelize';

interface Rekeyed {
  table: string;
  /** What a row is found by within its company. */
  by: string;
  /** What others refer to it by, where that is a key of its own so far. */
  referred?: string;
}

const REKEYED: readonly Rekeyed[] = [
  { table: 'people', by: 'id', referred: 'people_company_id_id_key' },
  { table: 'jobs', by: 'id', referred: 'jobs_company_id_id_key' },
  { table: 'lines', by: 'id', referred: 'lines_company_id_id_key' },
  { table: 'positions', by: 'id', referred: 'positions_company_id_id_key' },
  { table: 'catalogue_models', by: 'id', referred: 'catalogue_models_company_id_id_key' },
  { table: 'catalogue_sizes', by: 'model_id, dn' },
  { table: 'picks', by: 'position_id' },
  { table: 'walks', by: 'line_id' },
  { table: 'invitations', by: 'id' },
];

/** Found by a secret that a link or a device carries, before the company is known: any row of any company, so that no key can lead with one. */
const BY_SECRET: readonly { table: string; column: string }[] = [
  { table: 'calendar_addresses', column: 'key_hash' },
  { table: 'devices', column: 'key_hash' },
  { table: 'invitations', column: 'token_hash' },
  { table: 'owner_pages', column: 'key_hash' },
  { table: 'password_links', column: 'token_hash' },
];

/** Rows that nothing tied to their company yet. */
const OF_COMPANY = ['due_stale', 'level_samples', 'log_keys', 'presences'];

/**
 * Every key leads with the company: what belongs to one lies together, is found by nobody else’s index, and can be moved to another database
 * whole. The logs let rows go for that alone.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  for (const { table, by, referred } of REKEYED)
    await apartFromReferences(sequelize, referred ?? `${table}_pkey`, async () => {
      if (referred !== undefined) await sequelize.query(`ALTER TABLE ${table} DROP CONSTRAINT ${referred}`);
      await sequelize.query(
        `ALTER TABLE ${table} DROP CONSTRAINT ${table}_pkey, ADD PRIMARY KEY (company_id, ${by})`,
      );
    });
  await sequelize.query(`
    ALTER TABLE lines DROP CONSTRAINT lines_job_id_place_in_job_key, ADD CONSTRAINT lines_place UNIQUE (company_id, job_id, place_in_job);
    ALTER TABLE positions DROP CONSTRAINT positions_place,
      ADD CONSTRAINT positions_place UNIQUE (company_id, line_id, place_on_line) DEFERRABLE INITIALLY DEFERRED;
    DROP INDEX lines_name, positions_tag;
    CREATE UNIQUE INDEX lines_name ON lines (company_id, job_id, lower(name));
    CREATE UNIQUE INDEX positions_tag ON positions (company_id, job_id, lower(tag));
  `);
  for (const { table, column } of BY_SECRET)
    await sequelize.query(`
      ALTER TABLE ${table} DROP CONSTRAINT ${table}_${column}_key;
      CREATE INDEX ${table}_${column} ON ${table} (${column})`);
  for (const table of OF_COMPANY)
    await sequelize.query(`
      DELETE FROM ${table} WHERE company_id NOT IN (SELECT id FROM companies);
      ALTER TABLE ${table} ADD FOREIGN KEY (company_id) REFERENCES companies`);
  await sequelize.query(`
    CREATE OR REPLACE FUNCTION refuse_rewriting() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        -- Set by the move of a company alone, once all of its rows are stored in another database.
        IF TG_OP = 'DELETE' AND coalesce(current_setting('grevik.moved_company', true), '') <> '' THEN RETURN NULL; END IF;
        RAISE EXCEPTION '% is a log: rows are added, never changed or removed', TG_TABLE_NAME;
      END $$;
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE OR REPLACE FUNCTION refuse_rewriting() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN RAISE EXCEPTION '% is a log: rows are added, never changed or removed', TG_TABLE_NAME; END $$;
  `);
  for (const table of OF_COMPANY)
    await sequelize.query(`ALTER TABLE ${table} DROP CONSTRAINT ${table}_company_id_fkey`);
  for (const { table, column } of BY_SECRET)
    await sequelize.query(`
      DROP INDEX ${table}_${column};
      ALTER TABLE ${table} ADD CONSTRAINT ${table}_${column}_key UNIQUE (${column})`);
  await sequelize.query(`
    DROP INDEX lines_name, positions_tag;
    CREATE UNIQUE INDEX lines_name ON lines (job_id, lower(name));
    CREATE UNIQUE INDEX positions_tag ON positions (job_id, lower(tag));
    ALTER TABLE positions DROP CONSTRAINT positions_place,
      ADD CONSTRAINT positions_place UNIQUE (line_id, place_on_line) DEFERRABLE INITIALLY DEFERRED;
    ALTER TABLE lines DROP CONSTRAINT lines_place, ADD CONSTRAINT lines_job_id_place_in_job_key UNIQUE (job_id, place_in_job);
  `);
  for (const { table, by, referred } of REKEYED)
    await apartFromReferences(sequelize, `${table}_pkey`, async () => {
      await sequelize.query(`ALTER TABLE ${table} DROP CONSTRAINT ${table}_pkey, ADD PRIMARY KEY (${by})`);
      if (referred !== undefined)
        await sequelize.query(`ALTER TABLE ${table} ADD CONSTRAINT ${referred} UNIQUE (company_id, ${by})`);
    });
}

/** Changes a key while the foreign keys that lead to it, of tables and not of their parts, are away. */
async function apartFromReferences(
  sequelize: Sequelize,
  key: string,
  change: () => Promise<void>,
): Promise<void> {
  const references = await sequelize.query<{ table: string; name: string; definition: string }>(
    `SELECT conrelid::regclass::text AS table, quote_ident(conname) AS name, pg_get_constraintdef(oid) AS definition
     FROM pg_constraint WHERE contype = 'f' AND conparentid = 0 AND conindid = to_regclass(:key)`,
    { type: QueryTypes.SELECT, replacements: { key } },
  );
  for (const { table, name } of references)
    await sequelize.query(`ALTER TABLE ${table} DROP CONSTRAINT ${name}`);
  await change();
  for (const { table, name, definition } of references)
    await sequelize.query(`ALTER TABLE ${table} ADD CONSTRAINT ${name} ${definition}`);
}
