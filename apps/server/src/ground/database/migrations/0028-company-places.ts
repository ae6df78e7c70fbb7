import type { QueryInterface } from 'sequelize';

/** In which database a company lives; one that is not named lives in this. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE company_places (
      company_id uuid PRIMARY KEY,
      cluster text NOT NULL,
      moving_to text,
      since timestamptz NOT NULL DEFAULT now()
    );
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE company_places');
}
