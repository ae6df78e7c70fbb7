import { CHANGE_KINDS, ENTRY_KINDS } from '@grevik/core';
import { type QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { keepPartitions } from './partitions.js';
import { inTransaction } from './work-context.js';
import * as firstSlice from './migrations/0001-first-slice.js';
import * as walk from './migrations/0003-walk.js';
import * as catalogue from './migrations/0004-catalogue-and-sides.js';
import * as hookUpAndOrders from './migrations/0006-hook-up-and-orders.js';
import * as benchFindings from './migrations/0005-bench-findings.js';
import * as oneLog from './migrations/0007-one-log.js';
import * as archivedJobs from './migrations/0008-archived-jobs.js';
import * as unknownFigures from './migrations/0009-unknown-figures.js';
import * as ownFactsOfASize from './migrations/0010-own-facts-of-a-size.js';
import * as edgesOfPicks from './migrations/0011-edges-of-picks.js';
import * as startUp from './migrations/0012-start-up.js';
import * as devices from './migrations/0013-devices.js';
import * as rounds from './migrations/0014-rounds.js';
import * as budgets from './migrations/0015-budgets.js';
import * as stations from './migrations/0016-stations.js';
import * as ownerPages from './migrations/0018-owner-pages.js';
import * as drills from './migrations/0019-drills.js';
import * as live from './migrations/0020-live.js';
import * as secondFactor from './migrations/0021-second-factor.js';
import * as queue from './migrations/0022-queue.js';
import * as walksOfAJob from './migrations/0023-walks-of-a-job.js';
import * as search from './migrations/0024-search.js';
import * as taskFiles from './migrations/0025-task-files.js';
import * as partitions from './migrations/0026-partitions.js';
import * as keysByCompany from './migrations/0027-keys-by-company.js';
import * as companyPlaces from './migrations/0028-company-places.js';
import * as language from './migrations/0029-language.js';
import * as ownGates from './migrations/0017-own-gates.js';
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
  '0007-one-log': oneLog,
  '0008-archived-jobs': archivedJobs,
  '0009-unknown-figures': unknownFigures,
  '0010-own-facts-of-a-size': ownFactsOfASize,
  '0011-edges-of-picks': edgesOfPicks,
  '0012-start-up': startUp,
  '0013-devices': devices,
  '0014-rounds': rounds,
  '0015-budgets': budgets,
  '0016-stations': stations,
  '0017-own-gates': ownGates,
  '0018-owner-pages': ownerPages,
  '0019-drills': drills,
  '0020-live': live,
  '0021-second-factor': secondFactor,
  '0022-queue': queue,
  '0023-walks-of-a-job': walksOfAJob,
  '0024-search': search,
  '0025-task-files': taskFiles,
  '0026-partitions': partitions,
  '0027-keys-by-company': keysByCompany,
  '0028-company-places': companyPlaces,
  '0029-language': language,
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
    // One transaction, which the migrations' own queries join: a version's tables are there whole or not at all.
    await inTransaction(sequelize, async () => {
      // However long it takes, whatever limits the role has.
      for (const limit of ['statement_timeout', 'lock_timeout', 'idle_in_transaction_session_timeout'])
        await sequelize.query(`SET LOCAL ${limit} = 0`);
      await sequelize.query('SELECT pg_advisory_xact_lock(:lock)', { replacements: { lock: LOCK } });
      // Asked of the table itself: the migrations that umzug lists are those that this version knows.
      const done = await storageIn(sequelize).executed();
      const unknown = done.find((name) => !(name in MIGRATIONS));
      if (unknown !== undefined)
        throw new Error(
          `the database belongs to a newer Grevik (it has “${unknown}”). Start that version, or restore a backup made with this one.`,
        );
      await migrationsOf(sequelize).up();
      await keepPartitions(sequelize);
      await keepKinds(sequelize, 'entry_kinds', ENTRY_KINDS);
      await keepKinds(sequelize, 'change_kinds', CHANGE_KINDS);
    });
  } finally {
    await sequelize.close();
  }
}

/** The kinds this version knows: what an entry or a change may be is written down once, in the core. */
async function keepKinds(
  sequelize: Sequelize,
  table: 'entry_kinds' | 'change_kinds',
  kinds: readonly string[],
): Promise<void> {
  await sequelize.query(`INSERT INTO ${table} (kind) SELECT unnest(ARRAY[:kinds]) ON CONFLICT DO NOTHING`, {
    replacements: { kinds: [...kinds] },
  });
}
