import type { QueryInterface } from 'sequelize';

/**
 * The walk of each line (a document: it is edited as one, under one version), what was found at positions, where they are, their photos, and
 * names in place of people for what an archive brought. Places on a line may be dealt out anew within a transaction.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE walks (
      line_id uuid PRIMARY KEY,
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      version integer NOT NULL DEFAULT 0 CHECK (version >= 0),
      items jsonb NOT NULL CHECK (jsonb_typeof(items) = 'array'),
      FOREIGN KEY (company_id, job_id, line_id) REFERENCES lines (company_id, job_id, id) ON DELETE CASCADE
    );
    ALTER TABLE positions
      ADD COLUMN condition jsonb NOT NULL DEFAULT '{}' CHECK (jsonb_typeof(condition) = 'object'),
      ADD COLUMN longitude double precision CHECK (longitude BETWEEN -180 AND 180),
      ADD COLUMN latitude double precision CHECK (latitude BETWEEN -90 AND 90),
      ADD CHECK ((longitude IS NULL) = (latitude IS NULL)),
      DROP CONSTRAINT positions_line_id_place_on_line_key,
      ADD CONSTRAINT positions_place UNIQUE (line_id, place_on_line) DEFERRABLE INITIALLY DEFERRED;

    ALTER TABLE entries
      ADD COLUMN found jsonb CHECK (jsonb_typeof(found) = 'object'),
      ADD COLUMN signed_as text CHECK (length(btrim(signed_as)) BETWEEN 1 AND 80),
      ALTER COLUMN person_id DROP NOT NULL,
      ADD CHECK ((person_id IS NULL) <> (signed_as IS NULL)),
      DROP CONSTRAINT entries_kind_check,
      ADD CONSTRAINT entries_kind_check
        CHECK (kind IN ('note', 'found', 'turned', 'does-not-turn', 'holds', 'passes', 'leaks'));
    ALTER TABLE picks ADD COLUMN signed_as text CHECK (length(btrim(signed_as)) BETWEEN 1 AND 80);
    ALTER TABLE changes
      DROP CONSTRAINT changes_kind_check,
      DROP CONSTRAINT changes_check,
      ADD CONSTRAINT changes_kind_check CHECK (kind IN ('duty', 'pick', 'name', 'walk', 'walk-list')),
      ADD CONSTRAINT changes_check CHECK ((kind IN ('walk', 'walk-list')) = (position_id IS NULL));

    CREATE TABLE photos (
      id uuid NOT NULL,
      company_id uuid NOT NULL,
      position_id uuid NOT NULL,
      person_id uuid,
      signed_as text CHECK (length(btrim(signed_as)) BETWEEN 1 AND 80),
      type text NOT NULL CHECK (type IN ('image/jpeg', 'image/png', 'image/webp')),
      content bytea NOT NULL CHECK (length(content) BETWEEN 1 AND 8388608),
      taken_at timestamptz NOT NULL,
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, position_id) REFERENCES positions (company_id, id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id),
      CHECK ((person_id IS NULL) <> (signed_as IS NULL))
    );
    CREATE INDEX photos_position ON photos (company_id, position_id, taken_at);
    CREATE TRIGGER photos_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON photos
      FOR EACH STATEMENT EXECUTE FUNCTION refuse_rewriting();
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    DROP TABLE photos, walks;
    ALTER TABLE changes
      DROP CONSTRAINT changes_kind_check,
      DROP CONSTRAINT changes_check,
      ADD CONSTRAINT changes_kind_check CHECK (kind IN ('duty', 'pick', 'walk-list')) NOT VALID,
      ADD CONSTRAINT changes_check CHECK ((kind = 'walk-list') = (position_id IS NULL)) NOT VALID;
    ALTER TABLE picks DROP COLUMN signed_as;
    ALTER TABLE entries DROP COLUMN found, DROP COLUMN signed_as,
      DROP CONSTRAINT entries_kind_check,
      ADD CONSTRAINT entries_kind_check CHECK (kind IN ('note', 'turned', 'does-not-turn', 'holds', 'passes', 'leaks')) NOT VALID;
    ALTER TABLE positions DROP CONSTRAINT positions_place, ADD UNIQUE (line_id, place_on_line),
      DROP COLUMN condition, DROP COLUMN longitude, DROP COLUMN latitude;
  `);
}
