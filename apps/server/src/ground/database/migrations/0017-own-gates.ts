import type { QueryInterface } from 'sequelize';

/** What a company's own solid gates say of the house rule on gates. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('ALTER TABLE companies ADD COLUMN own_gates jsonb');
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('ALTER TABLE companies DROP COLUMN own_gates');
}
