import type { QueryInterface } from 'sequelize';

/** The language a person reads; null where they have not chosen one. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('ALTER TABLE people ADD COLUMN language text');
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('ALTER TABLE people DROP COLUMN language');
}
