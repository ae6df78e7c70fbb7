import type { QueryInterface } from 'sequelize';

/** The walks of a job, and what a person entered, found by an index. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE INDEX entries_replaced ON entries (company_id, position_id) WHERE kind = 'replaced';
    CREATE INDEX walks_job ON walks (company_id, job_id);
    CREATE INDEX entries_person ON entries (company_id, person_id, happened_at);
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP INDEX entries_person, walks_job, entries_replaced');
}
