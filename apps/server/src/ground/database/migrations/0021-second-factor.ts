import type { QueryInterface } from 'sequelize';

/** Links for a new password, second factors, and removed people without their address. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE password_links (
      company_id uuid NOT NULL REFERENCES companies,
      person_id uuid NOT NULL,
      token_hash text NOT NULL UNIQUE,
      made_by uuid NOT NULL,
      expires_at timestamptz NOT NULL,
      PRIMARY KEY (company_id, person_id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id),
      FOREIGN KEY (company_id, made_by) REFERENCES people (company_id, id)
    );
    CREATE TABLE second_factors (
      company_id uuid NOT NULL REFERENCES companies,
      person_id uuid NOT NULL,
      secret text NOT NULL,
      is_confirmed boolean NOT NULL DEFAULT false,
      last_step bigint NOT NULL DEFAULT 0,
      code_hashes text[] NOT NULL DEFAULT '{}',
      PRIMARY KEY (company_id, person_id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id)
    );
    UPDATE people SET email = 'removed-' || id, password_hash = NULL WHERE left_at IS NOT NULL;
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE second_factors; DROP TABLE password_links');
}
