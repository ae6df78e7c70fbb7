/**
 * Connections of one server, and how long a request waits for one (ms). A transaction holds one connection however many queries it has;
 * PostgreSQL takes 100 unless it is told otherwise, and sessions have a few of their own.
 */
export const POOL = { max: 10, min: 0, acquire: 5_000, idle: 10_000 } as const;

/** How long one statement may take, wait for a lock, or leave its transaction open without a word, ms. */
export const DATABASE_LIMITS = {
  statement_timeout: 30_000,
  lock_timeout: 10_000,
  idle_in_transaction_session_timeout: 30_000,
} as const;

/** How Sequelize connects to any of the databases. */
export const CONNECTIONS = {
  dialect: 'postgres',
  logging: false,
  pool: POOL,
  dialectOptions: DATABASE_LIMITS,
} as const;
