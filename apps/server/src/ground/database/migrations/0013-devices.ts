import type { QueryInterface } from 'sequelize';

/** Loggers and other devices with their keys; readings of reducers beside those of holds; pressures and times of holds that a company sets. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE devices (
      company_id uuid NOT NULL REFERENCES companies,
      id uuid NOT NULL DEFAULT gen_random_uuid(),
      name text NOT NULL,
      kind text NOT NULL CHECK (kind IN ('logger', 'counter', 'recorder')),
      key_hash text NOT NULL UNIQUE,
      is_stand_in boolean NOT NULL DEFAULT false,
      added_at timestamptz NOT NULL DEFAULT now(),
      added_by uuid,
      removed_at timestamptz,
      reports_in timestamptz,
      reports int NOT NULL DEFAULT 0,
      last_at timestamptz,
      last_sample jsonb CHECK (jsonb_typeof(last_sample) = 'object'),
      trouble text,
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, added_by) REFERENCES people (company_id, id)
    );
    ALTER TABLE readings
      ADD COLUMN step text NOT NULL DEFAULT 'hold' CHECK (step IN ('hold', 'reducer')),
      ADD COLUMN item text,
      ADD COLUMN device_id uuid,
      ADD FOREIGN KEY (company_id, device_id) REFERENCES devices (company_id, id),
      ADD CHECK ((step = 'reducer') = (item IS NOT NULL)),
      DROP CONSTRAINT readings_source_check,
      ADD CONSTRAINT readings_source_check CHECK (source IN ('typed', 'imported', 'device', 'stand-in'));
    CREATE UNIQUE INDEX readings_of_device ON readings (company_id, device_id) WHERE ended_at IS NULL;
    ALTER TABLE reading_samples ADD COLUMN inlet_pa float8, ADD COLUMN flow_m3s float8;
    ALTER TABLE companies ADD COLUMN hold_rules jsonb NOT NULL DEFAULT '{}' CHECK (jsonb_typeof(hold_rules) = 'object');
  `);
}

/** Readings of reducers are not kept. */
export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE companies DROP COLUMN hold_rules;
    ALTER TABLE start_up_entries DISABLE TRIGGER start_up_entries_append_only;
    DELETE FROM start_up_entries WHERE kind = 'reading' AND step = 'reducer';
    ALTER TABLE start_up_entries ENABLE TRIGGER start_up_entries_append_only;
    DELETE FROM readings WHERE step = 'reducer';
    UPDATE readings SET source = 'stand-in' WHERE source = 'device';
    ALTER TABLE reading_samples DROP COLUMN inlet_pa, DROP COLUMN flow_m3s;
    ALTER TABLE readings DROP COLUMN step, DROP COLUMN item, DROP COLUMN device_id,
      DROP CONSTRAINT readings_source_check,
      ADD CONSTRAINT readings_source_check CHECK (source IN ('typed', 'imported', 'stand-in'));
    DROP TABLE devices;
  `);
}
