import type { QueryInterface } from 'sequelize';

/** What runs by itself, as people see it; what was worked out, for every server, and what only one server does. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE tasks (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL,
      kind text NOT NULL,
      what text NOT NULL,
      given jsonb NOT NULL,
      state text NOT NULL DEFAULT 'waiting' CHECK (state IN ('waiting', 'running', 'done', 'failed', 'cancelled')),
      done integer NOT NULL DEFAULT 0,
      total integer,
      tries integer NOT NULL DEFAULT 0,
      problem text,
      person_id uuid,
      added_at timestamptz NOT NULL DEFAULT now(),
      ended_at timestamptz,
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id)
    );
    CREATE INDEX tasks_newest ON tasks (company_id, added_at DESC);
    CREATE TABLE worked_out (
      company_id uuid NOT NULL REFERENCES companies,
      kind text NOT NULL,
      subject_id uuid NOT NULL,
      basis text NOT NULL,
      result jsonb NOT NULL,
      PRIMARY KEY (company_id, kind, subject_id)
    );
    CREATE TABLE leases (name text PRIMARY KEY, holder uuid NOT NULL, until timestamptz NOT NULL);
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE leases; DROP TABLE worked_out; DROP TABLE tasks');
}
