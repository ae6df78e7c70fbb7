import type { QueryInterface } from 'sequelize';

const MEDIA = `'potable-cold','potable-hot','heating-water','fire-water','irrigation','raw-sewage','screened-effluent','slurry','natural-gas','lp-gas',
  'steam-low','steam-vapour','compressed-air','wash-water-high-pressure','corrosive-liquid','oxidiser-gas'`;

/**
 * Companies with their jobs, lines, positions, catalogue and picks. Every table that holds a company's data carries the company, and the
 * foreign keys run over company and id together: a row cannot point into another company.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE companies (
      id uuid PRIMARY KEY,
      slug text NOT NULL UNIQUE CHECK (slug ~ '^[a-z0-9-]{1,40}$'),
      name text NOT NULL CHECK (length(btrim(name)) BETWEEN 1 AND 120),
      currency text NOT NULL CHECK (currency ~ '^[A-Z]{3}$'),
      house_rules jsonb NOT NULL DEFAULT '{}' CHECK (jsonb_typeof(house_rules) = 'object'),
      created_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE TABLE jobs (
      id uuid PRIMARY KEY,
      company_id uuid NOT NULL REFERENCES companies ON DELETE CASCADE,
      name text NOT NULL CHECK (length(btrim(name)) BETWEEN 1 AND 120),
      created_at timestamptz NOT NULL DEFAULT now(),
      UNIQUE (company_id, id)
    );
    CREATE UNIQUE INDEX jobs_name ON jobs (company_id, lower(name));
    CREATE TABLE lines (
      id uuid PRIMARY KEY,
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      name text NOT NULL CHECK (length(btrim(name)) BETWEEN 1 AND 60),
      medium text NOT NULL CHECK (medium IN (${MEDIA})),
      place_in_job integer NOT NULL CHECK (place_in_job >= 0),
      FOREIGN KEY (company_id, job_id) REFERENCES jobs (company_id, id) ON DELETE CASCADE,
      UNIQUE (company_id, job_id, id),
      UNIQUE (job_id, place_in_job)
    );
    CREATE UNIQUE INDEX lines_name ON lines (job_id, lower(name));
    CREATE TABLE positions (
      id uuid PRIMARY KEY,
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      line_id uuid NOT NULL,
      tag text NOT NULL CHECK (length(btrim(tag)) BETWEEN 1 AND 20),
      remarks text NOT NULL DEFAULT '' CHECK (length(remarks) <= 500),
      place_on_line integer NOT NULL CHECK (place_on_line >= 0),
      duty jsonb NOT NULL CHECK (
        jsonb_typeof(duty) = 'object' AND duty ? 'function' AND (duty->>'dn')::int > 0
        AND (duty->>'pressurePa')::float8 >= 0 AND (duty->>'temperatureC')::float8 >= -273.15
      ),
      version integer NOT NULL DEFAULT 0 CHECK (version >= 0),
      created_at timestamptz NOT NULL DEFAULT now(),
      updated_at timestamptz NOT NULL DEFAULT now(),
      FOREIGN KEY (company_id, job_id, line_id) REFERENCES lines (company_id, job_id, id) ON DELETE CASCADE,
      UNIQUE (company_id, id),
      UNIQUE (line_id, place_on_line)
    );
    CREATE UNIQUE INDEX positions_tag ON positions (job_id, lower(tag));
    CREATE TABLE catalogue_models (
      id uuid PRIMARY KEY,
      company_id uuid NOT NULL REFERENCES companies ON DELETE CASCADE,
      maker text NOT NULL CHECK (length(btrim(maker)) BETWEEN 1 AND 80),
      model text NOT NULL CHECK (length(btrim(model)) BETWEEN 1 AND 80),
      type text NOT NULL,
      details jsonb NOT NULL CHECK (jsonb_typeof(details) = 'object'),
      UNIQUE (company_id, id),
      UNIQUE (company_id, maker, model)
    );
    CREATE TABLE catalogue_sizes (
      company_id uuid NOT NULL,
      model_id uuid NOT NULL,
      dn integer NOT NULL CHECK (dn > 0),
      bore_m double precision CHECK (bore_m > 0),
      kv double precision CHECK (kv > 0),
      price_cents integer NOT NULL CHECK (price_cents >= 0),
      PRIMARY KEY (model_id, dn),
      FOREIGN KEY (company_id, model_id) REFERENCES catalogue_models (company_id, id) ON DELETE CASCADE
    );
    CREATE TABLE picks (
      position_id uuid PRIMARY KEY,
      company_id uuid NOT NULL,
      model_id uuid NOT NULL,
      reason text NOT NULL CHECK (length(btrim(reason)) BETWEEN 1 AND 2000),
      verdict text NOT NULL CHECK (verdict IN ('fits', 'care')),
      picked_at timestamptz NOT NULL DEFAULT now(),
      FOREIGN KEY (company_id, position_id) REFERENCES positions (company_id, id) ON DELETE CASCADE,
      FOREIGN KEY (company_id, model_id) REFERENCES catalogue_models (company_id, id)
    );
    CREATE INDEX positions_line ON positions (company_id, line_id, place_on_line);
    CREATE INDEX picks_model ON picks (company_id, model_id);
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(
    'DROP TABLE picks, catalogue_sizes, catalogue_models, positions, lines, jobs, companies',
  );
}
