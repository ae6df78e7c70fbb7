import type { QueryInterface } from 'sequelize';

/** A pick keeps until when it held. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`ALTER TABLE picks ADD COLUMN edges jsonb NOT NULL DEFAULT '[]'`);
}

/** That is not kept any more. */
export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('ALTER TABLE picks DROP COLUMN edges');
}
