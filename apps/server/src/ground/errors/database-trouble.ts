import { ConnectionAcquireTimeoutError, ConnectionError } from 'sequelize';

/** SQLSTATE classes: connection exception (08), out of resources (53), operator intervention (57P), idle in a transaction too long (25P03). */
const GONE = /^(08|53|57P|25P03)/;
/** Given up: a statement too long under way, a lock waited for too long, two that waited for each other. */
const BUSY = /^(57014|55P03|40P01|40001)$/;
const DISK_FULL = '53100';

/** What a person is told when a query failed because of the database's own state, and not because of what was asked. */
export const TROUBLE = {
  gone: 'The database does not answer, so this is not confirmed. Send it again in a moment: nothing is stored twice.',
  busy: 'The database is busy and nothing was saved. Send it again in a moment.',
  full: 'The disk of the database is full and nothing was saved. Free some space, then send it again.',
} as const;

interface Failed {
  code?: unknown;
  message?: unknown;
  status?: unknown;
  /** What Sequelize wraps. */
  original?: Failed;
  /** What Node.js gathers when no address of a host answers. */
  errors?: Failed[];
}

/** The trouble the database is in; undefined where the failure is another. */
export function databaseTrouble(thrown: unknown): keyof typeof TROUBLE | undefined {
  if (typeof thrown !== 'object' || thrown === null) return undefined;
  // No connection of the pool came free in time: nothing was begun.
  if (thrown instanceof ConnectionAcquireTimeoutError) return 'busy';
  if (thrown instanceof ConnectionError) return 'gone';
  const failed = thrown as Failed;
  // A request that breaks off in the middle carries a status, and is no trouble of the database's.
  if (failed.status !== undefined) return undefined;
  const { code, message } = failed.original ?? failed.errors?.[0] ?? failed;
  if (code === DISK_FULL) return 'full';
  if (typeof code === 'string' && BUSY.test(code)) return 'busy';
  const isGone =
    (typeof code === 'string' && (GONE.test(code) || /^E(CONN|PIPE)/.test(code))) ||
    /connection terminated|client has encountered a connection error|timeout exceeded when trying to connect|not currently accepting connections/i.test(
      String(message),
    );
  return isGone ? 'gone' : undefined;
}
