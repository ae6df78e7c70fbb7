import { BaseError, ConnectionError, DatabaseError } from 'sequelize';

/** SQLSTATE classes: connection exception (08), out of resources (53), operator intervention (57P). */
const GONE = /^(08|53|57P)/;

/** Whether a query failed because the database is gone, going or full, and not because of what was asked. */
export function isDatabaseGone(thrown: unknown): boolean {
  if (!(thrown instanceof BaseError)) return false;
  if (thrown instanceof ConnectionError) return true;
  if (!(thrown instanceof DatabaseError)) return false;
  const { code = '', message } = thrown.original as Error & { code?: string };
  return (
    GONE.test(code) ||
    /^E(CONN|PIPE)/.test(code) ||
    /connection terminated|client has encountered a connection error/i.test(message)
  );
}
