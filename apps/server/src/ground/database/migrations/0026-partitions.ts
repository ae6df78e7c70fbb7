import { type QueryInterface, QueryTypes, type Sequelize } from 'sequelize';
import { PARTITIONED, type Partitioned, addParts } from '../partitions.js';

/** What a row of each table is found by, beside the moment. */
const KEYS: Readonly<Record<string, string>> = {
  changes: 'company_id, id',
  entries: 'company_id, id',
  reading_samples: 'company_id, reading_id, time_s',
  level_samples: 'company_id, position_id, at',
};

/**
 * What grows without end in parts by time: changes, entries, samples. A key over all parts would have to contain the moment, so that ids of
 * changes and entries, and what was undone, are kept once in a narrow table of their own.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE changes DROP CONSTRAINT changes_undoes_fkey, DROP CONSTRAINT changes_undoes_key;
    ALTER TABLE positions DROP CONSTRAINT positions_last_change_fkey;
    ALTER TABLE reading_samples ADD COLUMN started_at timestamptz;
    UPDATE reading_samples s SET started_at = r.started_at FROM readings r WHERE r.company_id = s.company_id AND r.id = s.reading_id;
    ALTER TABLE reading_samples ALTER COLUMN started_at SET NOT NULL;
    CREATE TABLE log_keys (
      company_id uuid NOT NULL,
      kind text NOT NULL CHECK (kind IN ('change', 'undo', 'entry')),
      key uuid NOT NULL,
      PRIMARY KEY (company_id, kind, key)
    );
    INSERT INTO log_keys SELECT company_id, 'change', id FROM changes;
    INSERT INTO log_keys SELECT company_id, 'undo', undoes FROM changes WHERE undoes IS NOT NULL;
    INSERT INTO log_keys SELECT company_id, 'entry', id FROM entries;
  `);
  for (const one of PARTITIONED) await rebuild(sequelize, one, true);
  await sequelize.query(`
    CREATE INDEX changes_undoes ON changes (company_id, undoes) WHERE undoes IS NOT NULL;
    CREATE FUNCTION keep_change_keys() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        INSERT INTO log_keys SELECT company_id, 'change', id FROM new_changes;
        INSERT INTO log_keys SELECT company_id, 'undo', undoes FROM new_changes WHERE undoes IS NOT NULL;
        RETURN NULL;
      END $$;
    CREATE FUNCTION keep_entry_keys() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        INSERT INTO log_keys SELECT company_id, 'entry', id FROM new_entries;
        RETURN NULL;
      END $$;
    CREATE TRIGGER changes_keys AFTER INSERT ON changes REFERENCING NEW TABLE AS new_changes
      FOR EACH STATEMENT EXECUTE FUNCTION keep_change_keys();
    CREATE TRIGGER entries_keys AFTER INSERT ON entries REFERENCING NEW TABLE AS new_entries
      FOR EACH STATEMENT EXECUTE FUNCTION keep_entry_keys();
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    DROP TRIGGER entries_keys ON entries;
    DROP TRIGGER changes_keys ON changes;
    DROP FUNCTION keep_entry_keys, keep_change_keys;
    DROP INDEX changes_undoes;
  `);
  for (const one of PARTITIONED) await rebuild(sequelize, one, false);
  await sequelize.query(`
    DROP TABLE log_keys;
    ALTER TABLE reading_samples DROP COLUMN started_at;
    ALTER TABLE changes ADD CONSTRAINT changes_undoes_key UNIQUE (undoes),
      ADD CONSTRAINT changes_undoes_fkey FOREIGN KEY (undoes) REFERENCES changes;
    ALTER TABLE positions ADD CONSTRAINT positions_last_change_fkey FOREIGN KEY (last_change) REFERENCES changes;
  `);
}

/** Puts a table in the place of itself, in parts or whole, with its rows, references, indexes and triggers. */
async function rebuild(sequelize: Sequelize, one: Partitioned, inParts: boolean): Promise<void> {
  const { table, by } = one;
  const ask = async (query: string): Promise<string[]> =>
    (await sequelize.query<{ def: string }>(query, { type: QueryTypes.SELECT, replacements: { table } })).map(
      ({ def }) => def,
    );
  const references = await ask(
    `SELECT pg_get_constraintdef(oid) AS def FROM pg_constraint WHERE conrelid = to_regclass(:table) AND contype = 'f'`,
  );
  const indexes = await ask(
    `SELECT pg_get_indexdef(indexrelid) AS def FROM pg_index WHERE indrelid = to_regclass(:table) AND NOT indisunique`,
  );
  const triggers = await ask(
    `SELECT pg_get_triggerdef(oid) AS def FROM pg_trigger WHERE tgrelid = to_regclass(:table) AND NOT tgisinternal`,
  );
  const [first] = await sequelize.query<{ at: Date | null }>(`SELECT min(${by}) AS at FROM ${table}`, {
    type: QueryTypes.SELECT,
  });
  await sequelize.query(
    `CREATE TABLE ${table}_made (LIKE ${table} INCLUDING DEFAULTS INCLUDING CONSTRAINTS) ${inParts ? `PARTITION BY RANGE (${by})` : ''}`,
  );
  // Its numbers go on from a sequence of its own.
  if (table === 'changes') await sequelize.query('ALTER TABLE changes_made ALTER COLUMN number DROP DEFAULT');
  await sequelize.query(`ALTER TABLE ${table} RENAME TO ${table}_was`);
  await sequelize.query(`ALTER TABLE ${table}_made RENAME TO ${table}`);
  if (inParts) {
    await sequelize.query(`CREATE TABLE ${table}_rest PARTITION OF ${table} DEFAULT`);
    await addParts(sequelize, one, first?.at ?? new Date(), new Date());
  }
  await sequelize.query(`INSERT INTO ${table} SELECT * FROM ${table}_was`);
  await sequelize.query(`DROP TABLE ${table}_was`);
  if (table === 'changes')
    await sequelize.query(`
      CREATE SEQUENCE changes_number_seq OWNED BY changes.number;
      SELECT setval('changes_number_seq', (SELECT coalesce(max(number), 0) + 1 FROM changes), false);
      ALTER TABLE changes ALTER COLUMN number SET DEFAULT nextval('changes_number_seq');
    `);
  const key = !inParts && table === 'changes' ? 'id' : (KEYS[table] ?? '');
  await sequelize.query(
    `ALTER TABLE ${table} ADD PRIMARY KEY (${inParts && !key.split(', ').includes(by) ? `${key}, ${by}` : key})`,
  );
  for (const def of references) await sequelize.query(`ALTER TABLE ${table} ADD ${def}`);
  for (const def of [...indexes, ...triggers]) await sequelize.query(def);
}
