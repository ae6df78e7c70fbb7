import type { QueryInterface } from 'sequelize';

/**
 * Visits of rounds as entries, intervals that a company sets, rounds, addresses of calendars, and the index of what is due. The index is worked out
 * from everything else: a trigger on the log notes what it has to look at again.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE entries ADD COLUMN visit jsonb CHECK (jsonb_typeof(visit) = 'object');
    CREATE INDEX entries_of_round ON entries (company_id, (visit->>'roundId')) WHERE visit IS NOT NULL;

    CREATE TABLE own_intervals (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL DEFAULT gen_random_uuid(),
      job_id uuid,
      position_id uuid,
      task text NOT NULL,
      every jsonb CHECK (jsonb_typeof(every) = 'object'),
      because text NOT NULL CHECK (length(because) <= 300),
      person_id uuid NOT NULL,
      set_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, id),
      UNIQUE NULLS NOT DISTINCT (company_id, job_id, position_id, task),
      CHECK (job_id IS NULL OR position_id IS NULL),
      FOREIGN KEY (company_id, job_id) REFERENCES jobs (company_id, id) ON DELETE CASCADE,
      FOREIGN KEY (company_id, position_id) REFERENCES positions (company_id, id) ON DELETE CASCADE,
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id)
    );

    CREATE TABLE rounds (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL,
      name text NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
      job_ids uuid[] NOT NULL,
      starts_on date NOT NULL,
      hours_a_day float8 NOT NULL CHECK (hours_a_day > 0),
      person_id uuid,
      stops jsonb NOT NULL CHECK (jsonb_typeof(stops) = 'array'),
      version int NOT NULL DEFAULT 0,
      created_by uuid NOT NULL,
      created_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id),
      FOREIGN KEY (company_id, created_by) REFERENCES people (company_id, id)
    );
    CREATE INDEX rounds_by_day ON rounds (company_id, starts_on DESC);

    ALTER TABLE photos ADD COLUMN shows text CHECK (shows IN ('before', 'after'));
    CREATE TABLE calendar_addresses (
      company_id uuid NOT NULL REFERENCES companies,
      person_id uuid NOT NULL,
      key_hash text NOT NULL UNIQUE,
      made_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, person_id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id)
    );

    CREATE TABLE due_tasks (
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      position_id uuid NOT NULL,
      task text NOT NULL,
      due_on date,
      every jsonb NOT NULL,
      why text NOT NULL,
      set_by text,
      PRIMARY KEY (company_id, position_id, task),
      FOREIGN KEY (company_id, position_id) REFERENCES positions (company_id, id) ON DELETE CASCADE
    );
    CREATE INDEX due_tasks_by_day ON due_tasks (company_id, due_on);
    CREATE INDEX due_tasks_of_job ON due_tasks (company_id, job_id, due_on);
    CREATE TABLE not_operated (
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      position_id uuid NOT NULL,
      why text NOT NULL,
      PRIMARY KEY (company_id, position_id),
      FOREIGN KEY (company_id, position_id) REFERENCES positions (company_id, id) ON DELETE CASCADE
    );
    CREATE TABLE due_jobs (
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      looked_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, job_id),
      FOREIGN KEY (company_id, job_id) REFERENCES jobs (company_id, id) ON DELETE CASCADE
    );
    CREATE TABLE due_stale (
      company_id uuid NOT NULL,
      kind text NOT NULL,
      job_id uuid,
      position_id uuid,
      subject_id uuid
    );
    CREATE INDEX due_stale_company ON due_stale (company_id);
    CREATE FUNCTION note_due_stale() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        INSERT INTO due_stale (company_id, kind, job_id, position_id, subject_id)
        SELECT company_id, kind, job_id, position_id, subject_id FROM new_changes
        WHERE position_id IS NOT NULL
          OR kind IN ('house-rules', 'job-house-rules', 'interval', 'interval-of-job', 'model-change', 'model-list',
            'hand-over', 'walk', 'walk-list', 'archive', 'line', 'line-facts');
        RETURN NULL;
      END $$;
    CREATE TRIGGER changes_make_due_stale AFTER INSERT ON changes
      REFERENCING NEW TABLE AS new_changes FOR EACH STATEMENT EXECUTE FUNCTION note_due_stale();
  `);
}

/** Visits become notes that keep their text; rounds and intervals are not kept. */
export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    DROP TRIGGER changes_make_due_stale ON changes;
    DROP FUNCTION note_due_stale;
    ALTER TABLE photos DROP COLUMN shows;
    DROP TABLE due_stale, due_jobs, not_operated, due_tasks, calendar_addresses, rounds, own_intervals;
    ALTER TABLE entries DISABLE TRIGGER entries_append_only;
    UPDATE entries SET kind = 'note', text = coalesce(nullif(text, ''), 'Round visit') WHERE kind = 'visit';
    ALTER TABLE entries ENABLE TRIGGER entries_append_only;
    DROP INDEX entries_of_round;
    ALTER TABLE entries DROP COLUMN visit;
  `);
}
