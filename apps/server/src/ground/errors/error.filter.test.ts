import { type ArgumentsHost, ConflictException, Logger, NotFoundException } from '@nestjs/common';
import { InvalidInput } from '@grevik/core';
import { ConnectionRefusedError, UniqueConstraintError } from 'sequelize';
import { ErrorFilter } from './error.filter.js';
import { Refusal } from './refusal.js';

/** What a person would be answered. */
function answerTo(thrown: unknown): { status?: number; body?: { error: Record<string, unknown> } } {
  const answer: ReturnType<typeof answerTo> = {};
  const response = {
    headersSent: false,
    getHeader: () => 'request-7',
    status: (status: number) => {
      answer.status = status;
      return { json: (body: ReturnType<typeof answerTo>['body']) => (answer.body = body) };
    },
  };
  new ErrorFilter().catch(thrown, {
    switchToHttp: () => ({ getResponse: () => response }),
  } as unknown as ArgumentsHost);
  return answer;
}

describe('whatever is thrown', () => {
  it.each([
    [
      'wrong input',
      new InvalidInput('duty.dn', 'duty.dn is 0: give more.'),
      400,
      { code: 'invalid-input', field: 'duty.dn', message: 'duty.dn is 0: give more.' },
    ],
    [
      'a refusal',
      new Refusal(422, { code: 'ruled-out', message: 'Out.' }),
      422,
      { code: 'ruled-out', message: 'Out.' },
    ],
    [
      'a missing thing',
      new NotFoundException('That job is not here.'),
      404,
      { code: 'not-found', message: 'That job is not here.' },
    ],
    ['a taken name', new ConflictException('Taken.'), 409, { code: 'conflict', message: 'Taken.' }],
    ['an id that is taken', new UniqueConstraintError({}), 409, { code: 'conflict' }],
    ['a lost database', new ConnectionRefusedError(new Error('refused')), 503, { code: 'unavailable' }],
    [
      'a body too large',
      Object.assign(new Error('request entity too large'), { status: 413, type: 'entity.too.large' }),
      413,
      { code: 'too-large' },
    ],
    [
      'a body that is no JSON',
      Object.assign(new Error('Unexpected token'), { status: 400, type: 'entity.parse.failed' }),
      400,
      { message: expect.stringContaining('not JSON') as string },
    ],
  ])('%s is answered in the one shape', (_what, thrown, status, error) => {
    expect(answerTo(thrown)).toMatchObject({ status, body: { error } });
  });

  it.each([new TypeError('undefined is not a function'), 'a string', undefined, null, { status: 200 }])(
    'what nobody foresaw (%s) is a fault with a reference that the log has too, and shows nothing of the inside',
    (thrown) => {
      const logged = jest.spyOn(Logger.prototype, 'error').mockImplementation(() => undefined);
      const { status, body } = answerTo(thrown);
      expect(status).toBe(500);
      expect(body?.error.code).toBe('fault');
      expect(body?.error.message).not.toContain('undefined');
      expect(String(logged.mock.calls[0]?.[0])).toContain(String(body?.error.reference));
      logged.mockRestore();
    },
  );
});
