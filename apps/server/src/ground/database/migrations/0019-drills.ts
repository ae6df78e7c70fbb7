import type { QueryInterface } from 'sequelize';

/** Drills: what people answered and how it was graded, and drills that were sent to them. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE drills_sent (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL,
      position_id uuid NOT NULL,
      kind text NOT NULL,
      shown jsonb NOT NULL CHECK (jsonb_typeof(shown) = 'object'),
      person_ids uuid[] NOT NULL,
      sent_by uuid NOT NULL,
      sent_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, position_id) REFERENCES positions (company_id, id) ON DELETE CASCADE,
      FOREIGN KEY (company_id, sent_by) REFERENCES people (company_id, id)
    );
    CREATE INDEX drills_sent_newest ON drills_sent (company_id, sent_at DESC);
    CREATE INDEX drills_sent_position ON drills_sent (company_id, position_id);
    CREATE TABLE drill_results (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL,
      person_id uuid NOT NULL,
      kind text NOT NULL,
      level int NOT NULL CHECK (level BETWEEN 1 AND 3),
      trade text NOT NULL,
      seed bigint,
      shown jsonb,
      sent_id uuid,
      answer jsonb NOT NULL,
      is_right boolean NOT NULL,
      score double precision NOT NULL CHECK (score BETWEEN 0 AND 1),
      took_s double precision NOT NULL,
      taken_at timestamptz NOT NULL,
      stored_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id),
      FOREIGN KEY (company_id, sent_id) REFERENCES drills_sent (company_id, id) ON DELETE SET NULL (sent_id)
    );
    CREATE INDEX drill_results_person ON drill_results (company_id, person_id, taken_at DESC);
    CREATE INDEX drill_results_sent ON drill_results (company_id, sent_id) WHERE sent_id IS NOT NULL;
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE drill_results; DROP TABLE drills_sent');
}
