import type { ErrorBody, ErrorCode } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Response } from 'express';
import { UniqueConstraintError } from 'sequelize';
import { TROUBLE, databaseTrouble } from './database-trouble.js';
import { Refusal } from './refusal.js';

const CODES: Readonly<Record<number, ErrorCode>> = {
  401: 'signed-out',
  403: 'not-allowed',
  404: 'not-found',
  409: 'conflict',
  413: 'too-large',
  429: 'too-many',
  503: 'unavailable',
};

/** Turns whatever was thrown into the one shape of refusals. Only what nobody foresaw is a 500, and it is logged with its reference. */
@Catch()
export class ErrorFilter implements ExceptionFilter {
  private readonly log = new Logger('Fault');

  catch(thrown: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const { status, body } = this.answer(thrown, String(response.getHeader('X-Request-Id')));
    if (!response.headersSent) response.status(status).json(body);
  }

  private answer(thrown: unknown, reference: string): { status: number; body: ErrorBody } {
    if (thrown instanceof Refusal) return { status: thrown.status, body: { error: thrown.error } };
    if (thrown instanceof InvalidInput)
      return {
        status: 400,
        body: { error: { code: thrown.code, field: thrown.field, message: thrown.message } },
      };
    const trouble = databaseTrouble(thrown);
    if (trouble) return { status: 503, body: { error: { code: 'unavailable', message: TROUBLE[trouble] } } };
    if (thrown instanceof UniqueConstraintError)
      return {
        status: 409,
        body: {
          error: {
            code: 'conflict',
            message:
              'Something with the same id or name is stored already, perhaps a moment ago. Nothing was saved. Reload, and enter it again if it is missing.',
          },
        },
      };
    const status = statusOf(thrown);
    if (status < 500) {
      return {
        status,
        body: { error: { code: CODES[status] ?? 'invalid-input', message: clientMessage(thrown, status) } },
      };
    }
    this.log.error(`${reference} ${thrown instanceof Error ? thrown.stack : String(thrown)}`);
    return {
      status: 500,
      body: {
        error: {
          code: 'fault',
          reference,
          message:
            'Grevik could not finish this. Check whether it was saved before you send it again. If it happens again, quote the reference.',
        },
      },
    };
  }
}

/** Nest's own exceptions and those of the body parser carry a status. */
function statusOf(thrown: unknown): number {
  if (thrown instanceof HttpException) return thrown.getStatus();
  const status = (thrown as { status?: unknown } | null)?.status;
  return typeof status === 'number' && status >= 400 && status < 500 ? status : 500;
}

function clientMessage(thrown: unknown, status: number): string {
  const type = (thrown as { type?: unknown }).type;
  if (type === 'entity.parse.failed') return 'The request is not JSON: check its quotes and commas.';
  if (status === 413) return 'The request is too large: send it in parts.';
  return thrown instanceof Error ? thrown.message : 'The request cannot be read.';
}
