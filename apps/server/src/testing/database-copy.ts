import { Sequelize } from 'sequelize';

/** Any number, the same for every test worker: only one looks at a template, makes it or copies it. */
const LOCK = 431001;
/** What the demo holds is told from the moment it was made: an older one is made anew. */
const FRESH_MS = 15 * 60_000;

/**
 * A new database that is a copy of one that is filled once and kept for other tests.
 *
 * @param server   address of the tests' PostgreSQL
 * @param name     of the new database
 * @param template name of what is copied
 * @param fill     fills it, given its address; nothing may be connected to it afterwards
 */
export async function copyDatabase(
  server: string,
  name: string,
  template: string,
  fill: (url: string) => Promise<void>,
): Promise<void> {
  // One connection: the lock is its own.
  const admin = new Sequelize(server, { logging: false, pool: { max: 1, min: 1, idle: 600_000 } });
  try {
    await admin.query(`SELECT pg_advisory_lock(${LOCK})`);
    if (!(await isFresh(admin, template))) {
      const made = `${template}_new`;
      for (const old of [template, made]) await admin.query(`DROP DATABASE IF EXISTS ${old} WITH (FORCE)`);
      await admin.query(`CREATE DATABASE ${made}`);
      await fill(server.replace(/\/[^/]*$/, `/${made}`));
      await admin.query(`ALTER DATABASE ${made} RENAME TO ${template}`);
      await admin.query(`COMMENT ON DATABASE ${template} IS '${Date.now()}'`);
    }
    await admin.query(`CREATE DATABASE ${name} TEMPLATE ${template}`);
  } finally {
    await admin.close();
  }
}

async function isFresh(admin: Sequelize, template: string): Promise<boolean> {
  const [rows] = await admin.query(
    `SELECT shobj_description(oid, 'pg_database') AS "madeAt" FROM pg_database WHERE datname = '${template}'`,
  );
  const [row] = rows as { madeAt: string | null }[];
  return row !== undefined && Date.now() - Number(row.madeAt ?? 0) < FRESH_MS;
}
