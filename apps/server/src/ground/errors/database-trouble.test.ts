import {
  ConnectionAcquireTimeoutError,
  ConnectionRefusedError,
  DatabaseError,
  UniqueConstraintError,
} from 'sequelize';
import { TROUBLE, databaseTrouble } from './database-trouble.js';

const failed = (message: string, code?: string): DatabaseError =>
  new DatabaseError(Object.assign(new Error(message), { sql: '', code }));

describe('the database is in trouble', () => {
  it.each([
    ['it refuses connections', new ConnectionRefusedError(new Error('refused'))],
    ['it ended the connection', failed('terminating connection due to administrator command', '57P01')],
    ['it is starting up', failed('the database system is starting up', '57P03')],
    ['the connection broke', failed('Connection terminated unexpectedly')],
    ['the socket broke', failed('read ECONNRESET', 'ECONNRESET')],
    ['it takes no connections', failed('database "x" is not currently accepting connections', '55000')],
    ['no connection is made in time', new Error('timeout exceeded when trying to connect')],
    ['no address of it answers', Object.assign(new Error(''), { errors: [{ code: 'ECONNREFUSED' }] })],
    ['a plain query of the sessions breaks', Object.assign(new Error('shutting down'), { code: '57P01' })],
  ])('when %s', (_what, error) => {
    expect(databaseTrouble(error)).toBe('gone');
  });

  it.each([
    ['no connection came free', new ConnectionAcquireTimeoutError(new Error('timeout'))],
    ['a statement took too long', failed('canceling statement due to statement timeout', '57014')],
    ['a lock was waited for too long', failed('canceling statement due to lock timeout', '55P03')],
    ['two waited for each other', failed('deadlock detected', '40P01')],
  ])('when %s, and says that nothing was saved', (_what, error) => {
    expect(databaseTrouble(error)).toBe('busy');
    expect(TROUBLE.busy).toContain('nothing was saved');
  });

  it('when its disk is full, which is another thing to do about', () => {
    expect(databaseTrouble(failed('could not extend file', '53100'))).toBe('full');
  });

  it.each([
    ['a query is wrong', failed('column does not exist', '42703')],
    ['a name is taken', new UniqueConstraintError({})],
    ['a request broke off', Object.assign(new Error('aborted'), { code: 'ECONNABORTED', status: 400 })],
    ['nothing was thrown', undefined],
    ['something else broke', new TypeError('undefined is not a function')],
  ])('but not when %s', (_what, error) => {
    expect(databaseTrouble(error)).toBeUndefined();
  });
});
