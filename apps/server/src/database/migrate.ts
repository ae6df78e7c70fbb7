import { type QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as firstSlice from './migrations/0001-first-slice.js';

interface Migration {
  up(queries: QueryInterface): Promise<void>;
  down(queries: QueryInterface): Promise<void>;
}

/** In order; a name is never changed once it has shipped. */
const MIGRATIONS: Readonly<Record<string, Migration>> = { '0001-first-slice': firstSlice };

/** Any number, the same for every server: only one migrates at a time. */
const LOCK = 431000;

/** The migrations of a database, ready to be run up or down. */
export function migrationsOf(sequelize: Sequelize): Umzug<QueryInterface> {
  return new Umzug({
    migrations: Object.entries(MIGRATIONS).map(([name, migration]) => ({
      name,
      up: ({ context }) => migration.up(context),
      down: ({ context }) => migration.down(context),
    })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
}

/** Brings a database to this version's tables. Servers that start together wait for one another. */
export async function migrate(databaseUrl: string): Promise<void> {
  const sequelize = new Sequelize(databaseUrl, { logging: false });
  try {
    await sequelize.transaction(async (transaction) => {
      await sequelize.query('SELECT pg_advisory_xact_lock(:lock)', {
        replacements: { lock: LOCK },
        transaction,
      });
      await migrationsOf(sequelize).up();
    });
  } finally {
    await sequelize.close();
  }
}
