import type { QueryInterface } from 'sequelize';

/** Models that are changed under a version and retired instead of deleted, price breaks, and the sides a job takes for itself. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE catalogue_models
      ADD COLUMN version integer NOT NULL DEFAULT 0 CHECK (version >= 0),
      ADD COLUMN retired boolean NOT NULL DEFAULT false;
    ALTER TABLE catalogue_sizes ADD COLUMN breaks jsonb CHECK (jsonb_typeof(breaks) = 'array');
    ALTER TABLE jobs ADD COLUMN house_rules jsonb NOT NULL DEFAULT '{}' CHECK (jsonb_typeof(house_rules) = 'object');
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE jobs DROP COLUMN house_rules;
    ALTER TABLE catalogue_sizes DROP COLUMN breaks;
    ALTER TABLE catalogue_models DROP COLUMN version, DROP COLUMN retired;
  `);
}
