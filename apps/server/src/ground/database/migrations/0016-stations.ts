import type { QueryInterface } from 'sequelize';

/** Pump stations: what is known of them, their levels over time, and entries that a device signs. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE stations (
      company_id uuid NOT NULL REFERENCES companies,
      -- It stays where its position is removed, so that what is restored is whole.
      position_id uuid NOT NULL,
      device_id uuid,
      well_area_m2 float8 NOT NULL CHECK (well_area_m2 > 0),
      pump_flow_m3s float8 CHECK (pump_flow_m3s > 0),
      plate_power_w float8 CHECK (plate_power_w > 0),
      plays jsonb,
      placed_by uuid,
      verdict text,
      since timestamptz,
      diagnosis jsonb,
      judged_at timestamptz,
      version int NOT NULL,
      PRIMARY KEY (company_id, position_id),
      FOREIGN KEY (company_id, device_id) REFERENCES devices (company_id, id)
    );
    -- A recorder stands at one station.
    CREATE UNIQUE INDEX stations_device ON stations (company_id, device_id);
    CREATE TABLE level_samples (
      company_id uuid NOT NULL,
      position_id uuid NOT NULL,
      at timestamptz NOT NULL,
      level_m float8 NOT NULL,
      pump_on boolean NOT NULL,
      PRIMARY KEY (company_id, position_id, at)
    );
    ALTER TABLE entries ADD COLUMN by_device boolean NOT NULL DEFAULT false;
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(
    'ALTER TABLE entries DROP COLUMN by_device; DROP TABLE level_samples; DROP TABLE stations',
  );
}
