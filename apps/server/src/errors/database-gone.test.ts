import { ConnectionRefusedError, DatabaseError, UniqueConstraintError } from 'sequelize';
import { isDatabaseGone } from './database-gone.js';

const failed = (message: string, code?: string): DatabaseError =>
  new DatabaseError(Object.assign(new Error(message), { sql: '', code }));

describe('the database is gone', () => {
  it.each([
    ['it refuses connections', new ConnectionRefusedError(new Error('refused'))],
    ['it ended the connection', failed('terminating connection due to administrator command', '57P01')],
    ['it is starting up', failed('the database system is starting up', '57P03')],
    ['the connection broke', failed('Connection terminated unexpectedly')],
    ['the socket broke', failed('read ECONNRESET', 'ECONNRESET')],
    ['its disk is full', failed('could not extend file', '53100')],
  ])('when %s', (_what, error) => {
    expect(isDatabaseGone(error)).toBe(true);
  });

  it.each([
    ['a query is wrong', failed('column does not exist', '42703')],
    ['a name is taken', new UniqueConstraintError({})],
    ['something else broke', new TypeError('undefined is not a function')],
  ])('but not when %s', (_what, error) => {
    expect(isDatabaseGone(error)).toBe(false);
  });
});
