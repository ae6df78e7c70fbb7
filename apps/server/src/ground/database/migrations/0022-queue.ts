import type { QueryInterface } from 'sequelize';

/** What runs by itself, as people see it; and what was worked out of whole jobs, for every server. */
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
    CREATE TABLE job_outlooks (
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      basis text NOT NULL,
      outlook jsonb NOT NULL,
      PRIMARY KEY (company_id, job_id),
      FOREIGN KEY (company_id, job_id) REFERENCES jobs (company_id, id) ON DELETE CASCADE
    );
    CREATE TABLE leases (name text PRIMARY KEY, holder uuid NOT NULL, until timestamptz NOT NULL);
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE leases; DROP TABLE job_outlooks; DROP TABLE tasks');
}
