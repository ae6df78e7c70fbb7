import type { QueryInterface } from 'sequelize';

/**
 * One log for changes of anything, its kinds and those of entries in tables that each start fills; who imported what was signed elsewhere;
 * versions of all that two can edit; what is often asked of a position's condition in columns; one e-mail in several companies.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE entry_kinds (kind text PRIMARY KEY);
    INSERT INTO entry_kinds SELECT unnest(ARRAY['note', 'found', 'turned', 'does-not-turn', 'holds', 'passes', 'leaks', 'bench']);
    ALTER TABLE entries DROP CONSTRAINT entries_kind_check, ADD FOREIGN KEY (kind) REFERENCES entry_kinds;

    CREATE TABLE change_kinds (kind text PRIMARY KEY);
    INSERT INTO change_kinds SELECT unnest(ARRAY['duty', 'pick', 'name', 'hook-up', 'walk', 'walk-list']);
    ALTER TABLE changes
      DROP CONSTRAINT changes_kind_check, DROP CONSTRAINT changes_check, ADD FOREIGN KEY (kind) REFERENCES change_kinds,
      ALTER COLUMN job_id DROP NOT NULL,
      ADD COLUMN subject_id uuid;
    CREATE INDEX changes_number ON changes (company_id, number);

    ALTER TABLE entries ADD COLUMN imported_by uuid, ADD FOREIGN KEY (company_id, imported_by) REFERENCES people (company_id, id);
    ALTER TABLE photos ADD COLUMN imported_by uuid, ADD FOREIGN KEY (company_id, imported_by) REFERENCES people (company_id, id),
      ADD COLUMN sent_sha256 bytea;
    ALTER TABLE photos DISABLE TRIGGER photos_append_only;
    UPDATE photos SET sent_sha256 = sha256(content);
    ALTER TABLE photos ENABLE TRIGGER photos_append_only;
    ALTER TABLE photos ALTER COLUMN sent_sha256 SET NOT NULL;
    ALTER TABLE picks ADD COLUMN imported_by uuid, ADD FOREIGN KEY (company_id, imported_by) REFERENCES people (company_id, id);
    ALTER TABLE receipts ADD COLUMN imported_by uuid, ADD FOREIGN KEY (company_id, imported_by) REFERENCES people (company_id, id);
    ALTER TABLE quotations ADD COLUMN request_id uuid, ADD UNIQUE (company_id, request_id, supplier);
    ALTER TABLE quotations ADD COLUMN imported_by uuid, ADD FOREIGN KEY (company_id, imported_by) REFERENCES people (company_id, id);

    ALTER TABLE companies ADD COLUMN version integer NOT NULL DEFAULT 0 CHECK (version >= 0);
    ALTER TABLE jobs ADD COLUMN version integer NOT NULL DEFAULT 0 CHECK (version >= 0);
    ALTER TABLE people ADD COLUMN version integer NOT NULL DEFAULT 0 CHECK (version >= 0), DROP CONSTRAINT people_email_key;
    CREATE UNIQUE INDEX people_email ON people (company_id, email) WHERE left_at IS NULL;
    CREATE INDEX people_sign_in ON people (email, joined_at) WHERE left_at IS NULL;

    -- Moments in a condition are ISO texts in UTC, so that reading one depends on no setting.
    CREATE FUNCTION utc_moment(moment text) RETURNS timestamptz LANGUAGE sql IMMUTABLE PARALLEL SAFE
      AS $$ SELECT moment::timestamptz $$;
    ALTER TABLE positions
      ADD COLUMN turning text GENERATED ALWAYS AS (condition->>'turning') STORED,
      ADD COLUMN holding text GENERATED ALWAYS AS (condition->>'holding') STORED,
      ADD COLUMN leaking text GENERATED ALWAYS AS (condition->>'leaking') STORED,
      ADD COLUMN last_operated_at timestamptz GENERATED ALWAYS AS (utc_moment(condition->>'turnedAt')) STORED;
    CREATE INDEX positions_last_operated ON positions (company_id, last_operated_at);
    CREATE INDEX positions_condition ON positions (company_id, job_id)
      WHERE turning = 'seized' OR holding = 'passes' OR leaking IS NOT NULL;
  `);
}

/** What the versions before could not hold goes: changes of other kinds, and who imported what. */
export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE positions DROP COLUMN turning, DROP COLUMN holding, DROP COLUMN leaking, DROP COLUMN last_operated_at;
    DROP FUNCTION utc_moment;
    DROP INDEX people_email, people_sign_in;
    ALTER TABLE people DROP COLUMN version, ADD CONSTRAINT people_email_key UNIQUE (email);
    ALTER TABLE jobs DROP COLUMN version;
    ALTER TABLE companies DROP COLUMN version;
    ALTER TABLE quotations DROP COLUMN imported_by, DROP COLUMN request_id;
    ALTER TABLE receipts DROP COLUMN imported_by;
    ALTER TABLE picks DROP COLUMN imported_by;
    ALTER TABLE photos DROP COLUMN imported_by, DROP COLUMN sent_sha256;
    ALTER TABLE entries DROP COLUMN imported_by;
    DROP INDEX changes_number;
    ALTER TABLE changes DISABLE TRIGGER changes_append_only;
    UPDATE positions SET last_change = NULL WHERE last_change IN
      (SELECT id FROM changes WHERE kind NOT IN ('duty', 'pick', 'name', 'hook-up', 'walk', 'walk-list'));
    DELETE FROM changes WHERE kind NOT IN ('duty', 'pick', 'name', 'hook-up', 'walk', 'walk-list');
    ALTER TABLE changes ENABLE TRIGGER changes_append_only;
    ALTER TABLE changes
      DROP CONSTRAINT changes_kind_fkey,
      DROP COLUMN subject_id,
      ALTER COLUMN job_id SET NOT NULL,
      ADD CONSTRAINT changes_kind_check CHECK (kind IN ('duty', 'pick', 'name', 'hook-up', 'walk', 'walk-list')),
      ADD CONSTRAINT changes_check CHECK ((kind IN ('walk', 'walk-list')) = (position_id IS NULL));
    DROP TABLE change_kinds;
    ALTER TABLE entries DROP CONSTRAINT entries_kind_fkey,
      ADD CONSTRAINT entries_kind_check
        CHECK (kind IN ('note', 'found', 'turned', 'does-not-turn', 'holds', 'passes', 'leaks', 'bench')) NOT VALID;
    DROP TABLE entry_kinds;
  `);
}
