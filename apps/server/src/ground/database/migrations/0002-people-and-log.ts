import type { QueryInterface } from 'sequelize';

const ROLES = `'owner','estimator','foreman','technician','apprentice'`;

/**
 * People with their invitations and sessions, and the two logs: changes (who changed what, when, from what to what) and entries (facts from
 * the field). The database itself refuses to alter or empty a log. A change outlives the position it was made to.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE people (
      id uuid PRIMARY KEY,
      company_id uuid NOT NULL REFERENCES companies,
      name text NOT NULL CHECK (length(btrim(name)) BETWEEN 1 AND 80),
      email text NOT NULL UNIQUE CHECK (email = lower(email) AND length(email) BETWEEN 3 AND 254),
      role text NOT NULL CHECK (role IN (${ROLES})),
      password_hash text,
      joined_at timestamptz NOT NULL DEFAULT now(),
      left_at timestamptz,
      UNIQUE (company_id, id)
    );
    CREATE TABLE invitations (
      id uuid PRIMARY KEY,
      company_id uuid NOT NULL,
      token_hash text NOT NULL UNIQUE,
      role text NOT NULL CHECK (role IN (${ROLES})),
      invited_by uuid NOT NULL,
      invited_at timestamptz NOT NULL DEFAULT now(),
      expires_at timestamptz NOT NULL,
      FOREIGN KEY (company_id, invited_by) REFERENCES people (company_id, id)
    );
    CREATE TABLE sessions (sid varchar PRIMARY KEY, sess json NOT NULL, expire timestamp(6) NOT NULL);
    CREATE INDEX sessions_expire ON sessions (expire);
    CREATE INDEX sessions_person ON sessions ((sess->>'personId'));
    CREATE TABLE attempts (key varchar(255) PRIMARY KEY, points integer NOT NULL DEFAULT 0, expire bigint);
    CREATE TABLE installation (
      key text PRIMARY KEY,
      value text NOT NULL
    );
    INSERT INTO installation VALUES ('session-secret', gen_random_uuid()::text || gen_random_uuid()::text);

    CREATE TABLE changes (
      id uuid PRIMARY KEY,
      number bigint GENERATED ALWAYS AS IDENTITY,
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      position_id uuid,
      kind text NOT NULL CHECK (kind IN ('duty', 'pick', 'walk-list')),
      what text NOT NULL CHECK (length(what) >= 1),
      before jsonb,
      after jsonb,
      person_id uuid NOT NULL,
      at timestamptz NOT NULL DEFAULT now(),
      undoes uuid UNIQUE REFERENCES changes,
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id),
      CHECK ((kind = 'walk-list') = (position_id IS NULL))
    );
    CREATE INDEX changes_position ON changes (company_id, position_id, number);
    CREATE INDEX changes_person ON changes (company_id, person_id, number);
    CREATE TABLE entries (
      id uuid NOT NULL,
      company_id uuid NOT NULL,
      position_id uuid NOT NULL,
      person_id uuid NOT NULL,
      kind text NOT NULL CHECK (kind IN ('note', 'turned', 'does-not-turn', 'holds', 'passes', 'leaks')),
      text text NOT NULL CHECK (length(text) <= 2000),
      turns double precision CHECK (turns >= 0),
      happened_at timestamptz NOT NULL,
      received_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, position_id) REFERENCES positions (company_id, id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id)
    );
    CREATE INDEX entries_position ON entries (company_id, position_id, happened_at);

    CREATE FUNCTION refuse_rewriting() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN RAISE EXCEPTION '% is a log: rows are added, never changed or removed', TG_TABLE_NAME; END $$;
    CREATE TRIGGER changes_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON changes
      FOR EACH STATEMENT EXECUTE FUNCTION refuse_rewriting();
    CREATE TRIGGER entries_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON entries
      FOR EACH STATEMENT EXECUTE FUNCTION refuse_rewriting();

    ALTER TABLE positions ADD COLUMN changed_by uuid, ADD COLUMN last_change uuid REFERENCES changes,
      ADD FOREIGN KEY (company_id, changed_by) REFERENCES people (company_id, id);
    ALTER TABLE picks ADD COLUMN picked_by uuid, ADD FOREIGN KEY (company_id, picked_by) REFERENCES people (company_id, id);
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE picks DROP COLUMN picked_by;
    ALTER TABLE positions DROP COLUMN last_change, DROP COLUMN changed_by;
    DROP TABLE entries, changes, installation, attempts, sessions, invitations, people;
    DROP FUNCTION refuse_rewriting;
  `);
}
