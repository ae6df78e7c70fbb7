import type { QueryInterface } from 'sequelize';

/** Jobs can be archived; when a job was changed last, and by whom, is found by an index. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    ALTER TABLE jobs ADD COLUMN archived_at timestamptz;
    CREATE INDEX changes_job ON changes (company_id, job_id, at);
  `);
}

/** Archived jobs are open again. */
export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    DROP INDEX changes_job;
    ALTER TABLE jobs DROP COLUMN archived_at;
  `);
}
