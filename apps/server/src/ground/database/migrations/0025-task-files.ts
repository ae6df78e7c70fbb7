import type { QueryInterface } from 'sequelize';

/** Files that a task is given or makes, what came of it, and the request that it follows from. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE tasks ADD COLUMN result jsonb, ADD COLUMN request_id text;
    CREATE INDEX tasks_under_way ON tasks (state) WHERE state IN ('waiting', 'running');
    CREATE TABLE task_files (
      company_id uuid NOT NULL,
      task_id uuid NOT NULL,
      part text NOT NULL CHECK (part IN ('given', 'made')),
      name text NOT NULL,
      type text NOT NULL,
      content bytea NOT NULL,
      PRIMARY KEY (company_id, task_id, part),
      FOREIGN KEY (company_id, task_id) REFERENCES tasks (company_id, id) ON DELETE CASCADE
    );
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    DROP TABLE task_files;
    DROP INDEX tasks_under_way;
    ALTER TABLE tasks DROP COLUMN request_id, DROP COLUMN result;
  `);
}
