import type { QueryInterface } from 'sequelize';

/** What was settled of a hook-up, and a job's orders with what was asked of suppliers and what has come. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE positions ADD COLUMN hook_up jsonb NOT NULL DEFAULT '{}' CHECK (jsonb_typeof(hook_up) = 'object');
    ALTER TABLE changes
      DROP CONSTRAINT changes_kind_check,
      ADD CONSTRAINT changes_kind_check CHECK (kind IN ('duty', 'pick', 'name', 'hook-up', 'walk', 'walk-list'));

    CREATE TABLE orders (
      id uuid NOT NULL,
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      -- Nobody's yet where null: lines that wait for a price.
      supplier text CHECK (length(supplier) BETWEEN 1 AND 80),
      state text NOT NULL DEFAULT 'draft' CHECK (state IN ('draft', 'sent', 'confirmed', 'part-received', 'received')),
      version integer NOT NULL DEFAULT 0 CHECK (version >= 0),
      created_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, job_id) REFERENCES jobs (company_id, id),
      CHECK (supplier IS NOT NULL OR state = 'draft')
    );
    -- One draft a supplier, and one that waits for prices.
    CREATE UNIQUE INDEX orders_one_draft ON orders (company_id, job_id, coalesce(supplier, '')) WHERE state = 'draft';

    CREATE TABLE order_lines (
      id uuid NOT NULL,
      company_id uuid NOT NULL,
      order_id uuid NOT NULL,
      place serial NOT NULL,
      text text NOT NULL CHECK (length(text) BETWEEN 1 AND 1000),
      spec jsonb CHECK (jsonb_typeof(spec) = 'object'),
      quantity integer NOT NULL CHECK (quantity BETWEEN 1 AND 1000000),
      positions uuid[] NOT NULL DEFAULT '{}',
      note text NOT NULL DEFAULT '' CHECK (length(note) <= 500),
      unit_price numeric(14, 4) CHECK (unit_price >= 0),
      lead_days integer CHECK (lead_days >= 0),
      version integer NOT NULL DEFAULT 0 CHECK (version >= 0),
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, order_id) REFERENCES orders (company_id, id)
    );
    CREATE INDEX order_lines_order ON order_lines (company_id, order_id, place);

    CREATE TABLE receipts (
      id uuid NOT NULL,
      company_id uuid NOT NULL,
      order_line_id uuid NOT NULL,
      quantity integer NOT NULL CHECK (quantity >= 1),
      casting text NOT NULL CHECK (length(casting) <= 500),
      checked jsonb CHECK (jsonb_typeof(checked) = 'object'),
      accepted boolean NOT NULL,
      note text NOT NULL CHECK (length(note) <= 500),
      received_at timestamptz NOT NULL DEFAULT now(),
      person_id uuid,
      signed_as text,
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, order_line_id) REFERENCES order_lines (company_id, id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id)
    );
    CREATE INDEX receipts_line ON receipts (company_id, order_line_id, received_at);
    CREATE TRIGGER receipts_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON receipts
      FOR EACH STATEMENT EXECUTE FUNCTION refuse_rewriting();

    CREATE TABLE quotations (
      id uuid NOT NULL,
      company_id uuid NOT NULL,
      job_id uuid NOT NULL,
      supplier text NOT NULL CHECK (length(supplier) BETWEEN 1 AND 80),
      state text NOT NULL DEFAULT 'asked' CHECK (state IN ('asked', 'answered', 'failed')),
      lines uuid[] NOT NULL,
      answer jsonb CHECK (jsonb_typeof(answer) = 'object'),
      problem text,
      asked_at timestamptz NOT NULL DEFAULT now(),
      person_id uuid,
      signed_as text,
      PRIMARY KEY (company_id, id),
      FOREIGN KEY (company_id, job_id) REFERENCES jobs (company_id, id),
      FOREIGN KEY (company_id, person_id) REFERENCES people (company_id, id)
    );
    CREATE INDEX quotations_job ON quotations (company_id, job_id, asked_at);
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    DROP TABLE quotations;
    DROP TABLE receipts;
    DROP TABLE order_lines;
    DROP TABLE orders;
    ALTER TABLE changes
      DROP CONSTRAINT changes_kind_check,
      ADD CONSTRAINT changes_kind_check CHECK (kind IN ('duty', 'pick', 'name', 'walk', 'walk-list')) NOT VALID;
    ALTER TABLE positions DROP COLUMN hook_up;
  `);
}
