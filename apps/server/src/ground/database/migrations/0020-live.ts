import type { QueryInterface } from 'sequelize';

/** Who has which position open; worth nothing after a crash, and not written ahead. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE UNLOGGED TABLE presences (
      company_id uuid NOT NULL,
      tab uuid NOT NULL,
      person_id uuid NOT NULL,
      position_id uuid NOT NULL,
      seen_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, tab)
    );
    CREATE INDEX presences_position ON presences (company_id, position_id);
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE presences');
}
