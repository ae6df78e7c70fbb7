import type { QueryInterface } from 'sequelize';

/**
 * A line has facts of its own that its positions take over. Walked positions used to get a pressure and a temperature that nobody had typed: those whose duty holds nothing else and was never changed are not
 * known any more.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE lines ADD COLUMN facts jsonb NOT NULL DEFAULT '{}' CHECK (jsonb_typeof(facts) = 'object'),
      ADD COLUMN facts_version integer NOT NULL DEFAULT 0;
    UPDATE positions SET duty = duty - 'pressurePa' - 'temperatureC', version = version + 1, updated_at = now()
    WHERE duty->>'existing' = 'true'
      AND duty - ARRAY['function', 'dn', 'existing', 'pressurePa', 'temperatureC'] = '{}'::jsonb
      AND NOT EXISTS (
        SELECT 1 FROM changes WHERE changes.position_id = positions.id AND changes.kind = 'duty'
      );
  `);
}

/** The version before demands both figures: what is not known gets that of cold water in a building. */
export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE lines DROP COLUMN facts, DROP COLUMN facts_version;
    UPDATE positions SET duty = '{"pressurePa": 500000, "temperatureC": 10}'::jsonb || duty
    WHERE NOT duty ?& ARRAY['pressurePa', 'temperatureC'];
  `);
}
