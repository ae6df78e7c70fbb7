import type { QueryInterface } from 'sequelize';

/** Pages for owners: what they are shown under a link that runs out, and what they decide. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE owner_pages (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL,
      job_id uuid NOT NULL,
      content jsonb NOT NULL CHECK (jsonb_typeof(content) = 'object'),
      key_hash text NOT NULL UNIQUE,
      made_by uuid NOT NULL,
      made_at timestamptz NOT NULL DEFAULT now(),
      expires_at timestamptz NOT NULL,
      withdrawn_at timestamptz,
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, job_id) REFERENCES jobs (company_id, id),
      FOREIGN KEY (company_id, made_by) REFERENCES people (company_id, id)
    );
    CREATE INDEX owner_pages_job ON owner_pages (company_id, job_id, made_at DESC);
    CREATE TABLE owner_answers (
      company_id uuid NOT NULL,
      page_id uuid NOT NULL,
      position_id uuid NOT NULL,
      option int NOT NULL,
      name text NOT NULL,
      at timestamptz NOT NULL DEFAULT now(),
      trouble text,
      PRIMARY KEY (company_id, page_id, position_id),
      FOREIGN KEY (company_id, page_id) REFERENCES owner_pages (company_id, id)
    );
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE owner_answers; DROP TABLE owner_pages');
}
