import { type QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as firstSlice from './migrations/0001-first-slice.js';
import * as walk from './migrations/0003-walk.js';
import * as catalogue from './migrations/0004-catalogue-and-sides.js';
import * as hookUpAndOrders from './migrations/0006-hook-up-and-orders.js';
import * as benchFindings from './migrations/0005-bench-findings.js';
import * as peopleAndLog from './migrations/0002-people-and-log.js';

interface Migration {
  up(queries: QueryInterface): Promise<void>;
  down(queries: QueryInterface): Promise<void>;
}

/** In order; a name is never changed once it has shipped. */
const MIGRATIONS: Readonly<Record<string, Migration>> = {
  '0001-first-slice': firstSlice,
  '0002-people-and-log': peopleAndLog,
  '0003-walk': walk,
  '0004-catalogue-and-sides': catalogue,
  '0005-bench-findings': benchFindings,
  '0006-hook-up-and-orders': hookUpAndOrders,
};

/** Any number, the same for every server: only one migrates at a time. */
const LOCK = 431000;

const storageIn = (sequelize: Sequelize): SequelizeStorage =>
  new SequelizeStorage({ sequelize, tableName: 'migrations' });

/** The migrations of a database, ready to be run up or down. */
export function migrationsOf(sequelize: Sequelize): Umzug<QueryInterface> {
  return new Umzug({
    migrations: Object.entries(MIGRATIONS).map(([name, migration]) => ({
      name,
      up: ({ context }) => migration.up(context),
      down: ({ context }) => migration.down(context),
    })),
    context: sequelize.getQueryInterface(),
    storage: storageIn(sequelize),
    logger: undefined,
  });
}

/**
 * Brings a database to this version's tables. Servers that start together wait for one another. A database that a newer version has
 * worked on is left alone: this one does not know what its tables mean.
 */
export async function migrate(databaseUrl: string): Promise<void> {
  const sequelize = new Sequelize(databaseUrl, { logging: false });
  try {
    await sequelize.transaction(async (transaction) => {
      await sequelize.query('SELECT pg_advisory_xact_lock(:lock)', {
        replacements: { lock: LOCK },
        transaction,
      });
      // Asked of the table itself: the migrations that umzug lists are those that this version knows.
      const done = await storageIn(sequelize).executed();
      const unknown = done.find((name) => !(name in MIGRATIONS));
      if (unknown !== undefined)
        throw new Error(
          `the database belongs to a newer Grevik (it has “${unknown}”). Start that version, or restore a backup made with this one.`,
        );
      await migrationsOf(sequelize).up();
    });
  } finally {
    await sequelize.close();
  }
}
