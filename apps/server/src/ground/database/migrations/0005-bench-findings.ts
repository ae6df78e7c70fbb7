import type { QueryInterface } from 'sequelize';

/** What the bench found at a position, as an entry of its log. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE entries
      ADD COLUMN finding jsonb CHECK (jsonb_typeof(finding) = 'object'),
      DROP CONSTRAINT entries_kind_check,
      ADD CONSTRAINT entries_kind_check
        CHECK (kind IN ('note', 'found', 'turned', 'does-not-turn', 'holds', 'passes', 'leaks', 'bench'));
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE entries DROP COLUMN finding,
      DROP CONSTRAINT entries_kind_check,
      ADD CONSTRAINT entries_kind_check
        CHECK (kind IN ('note', 'found', 'turned', 'does-not-turn', 'holds', 'passes', 'leaks')) NOT VALID;
  `);
}
