import type { QueryInterface } from 'sequelize';

/** Positions and lines found by a part of what they are called, in whatever job. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE EXTENSION IF NOT EXISTS pg_trgm;
    CREATE EXTENSION IF NOT EXISTS btree_gin;
    CREATE INDEX positions_called ON positions USING gin (company_id, lower(tag || ' ' || remarks) gin_trgm_ops);
    CREATE INDEX positions_tag_begins ON positions (company_id, lower(tag) text_pattern_ops);
    CREATE INDEX lines_called ON lines USING gin (company_id, lower(name) gin_trgm_ops);
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP INDEX lines_called, positions_tag_begins, positions_called');
}
