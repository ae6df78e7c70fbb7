import type { QueryInterface } from 'sequelize';

/** What gets wet where a valve fails, and budgets of replacements: of the company and of its jobs. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE wet_places (
      company_id uuid NOT NULL REFERENCES companies,
      -- It stays where its position is removed, so that what is restored is whole.
      position_id uuid NOT NULL,
      wets text NOT NULL,
      PRIMARY KEY (company_id, position_id)
    );
    CREATE TABLE budgets (
      company_id uuid NOT NULL REFERENCES companies,
      subject_id uuid NOT NULL,
      settings jsonb NOT NULL CHECK (jsonb_typeof(settings) = 'object'),
      moved jsonb NOT NULL CHECK (jsonb_typeof(moved) = 'object'),
      version int NOT NULL,
      PRIMARY KEY (company_id, subject_id)
    );
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE budgets, wet_places');
}
