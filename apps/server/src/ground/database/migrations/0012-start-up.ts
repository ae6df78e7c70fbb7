import type { QueryInterface } from 'sequelize';

/** Start-ups of lines: what was done and skipped, readings with their samples, and who handed over to whom. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE lines ADD UNIQUE (company_id, id);
    CREATE TABLE readings (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL,
      line_id uuid NOT NULL,
      given jsonb NOT NULL CHECK (jsonb_typeof(given) = 'object'),
      source text NOT NULL CHECK (source IN ('typed', 'imported', 'stand-in')),
      plays jsonb CHECK (jsonb_typeof(plays) = 'object'),
      started_at timestamptz NOT NULL DEFAULT now(),
      started_by uuid,
      signed_as text,
      imported_by uuid,
      ended_at timestamptz,
      result jsonb CHECK (jsonb_typeof(result) = 'object'),
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, line_id) REFERENCES lines (company_id, id) ON DELETE CASCADE,
      FOREIGN KEY (company_id, started_by) REFERENCES people (company_id, id),
      FOREIGN KEY (company_id, imported_by) REFERENCES people (company_id, id),
      CHECK ((ended_at IS NULL) = (result IS NULL))
    );
    CREATE INDEX readings_line ON readings (company_id, line_id, started_at);
    CREATE INDEX readings_running ON readings (started_at) WHERE ended_at IS NULL;
    CREATE TABLE reading_samples (
      company_id uuid NOT NULL,
      reading_id uuid NOT NULL,
      time_s float8 NOT NULL,
      pressure_pa float8 NOT NULL,
      temperature_c float8,
      PRIMARY KEY (company_id, reading_id, time_s),
      FOREIGN KEY (company_id, reading_id) REFERENCES readings (company_id, id) ON DELETE CASCADE
    );
    CREATE TABLE start_up_entries (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL,
      line_id uuid NOT NULL,
      step text NOT NULL,
      kind text NOT NULL CHECK (kind IN ('item', 'skip', 'unskip', 'reading')),
      item text,
      "values" jsonb CHECK (jsonb_typeof("values") = 'object'),
      reason text,
      reading_id uuid,
      verdict text,
      happened_at timestamptz NOT NULL,
      received_at timestamptz NOT NULL DEFAULT now(),
      person_id uuid,
      signed_as text,
      imported_by uuid,
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, line_id) REFERENCES lines (company_id, id) ON DELETE CASCADE,
      FOREIGN KEY (company_id, reading_id) REFERENCES readings (company_id, id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id),
      FOREIGN KEY (company_id, imported_by) REFERENCES people (company_id, id)
    );
    CREATE INDEX start_up_entries_line ON start_up_entries (company_id, line_id, happened_at);
    CREATE TRIGGER start_up_entries_append_only BEFORE UPDATE ON start_up_entries
      FOR EACH STATEMENT EXECUTE FUNCTION refuse_rewriting();
    CREATE TABLE hand_overs (
      company_id uuid NOT NULL REFERENCES companies,
      line_id uuid NOT NULL,
      handed_by text NOT NULL,
      taken_by text NOT NULL,
      at timestamptz NOT NULL DEFAULT now(),
      person_id uuid,
      PRIMARY KEY (company_id, line_id),
      FOREIGN KEY (company_id, line_id) REFERENCES lines (company_id, id) ON DELETE CASCADE,
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id)
    );
  `);
}

/** Nothing of it is kept. */
export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    DROP TABLE hand_overs, start_up_entries, reading_samples, readings;
    ALTER TABLE lines DROP CONSTRAINT lines_company_id_id_key;
  `);
}
