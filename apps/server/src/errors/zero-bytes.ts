import { InvalidInput } from '@grevik/core';
import type { NextFunction, Request, Response } from 'express';

/** PostgreSQL keeps no zero characters in a text; a request that has one is refused by its field before anything else reads it. */
export function refuseZeroBytes(request: Request, _response: Response, next: NextFunction): void {
  const field = fieldWithZero(request.body, '');
  next(
    field === undefined
      ? undefined
      : new InvalidInput(field, `${field} has a zero character in it: take it out.`),
  );
}

function fieldWithZero(value: unknown, path: string): string | undefined {
  if (typeof value === 'string') return value.includes('\0') ? path || 'request' : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  for (const [name, inner] of Object.entries(value)) {
    const found = fieldWithZero(inner, path === '' ? name : `${path}.${name}`);
    if (found !== undefined) return found;
  }
  return undefined;
}
