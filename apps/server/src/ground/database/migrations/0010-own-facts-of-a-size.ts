import type { QueryInterface } from 'sequelize';

/** A size of a model may be made differently from the others: rating, port, operator, ends. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(
    `ALTER TABLE catalogue_sizes ADD COLUMN own jsonb CHECK (jsonb_typeof(own) = 'object')`,
  );
}

/** All sizes are made alike again. */
export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('ALTER TABLE catalogue_sizes DROP COLUMN own');
}
