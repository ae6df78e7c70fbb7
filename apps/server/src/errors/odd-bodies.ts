import { InvalidInput } from '@grevik/core';
import type { NextFunction, Request, Response } from 'express';

/** Zero characters, which PostgreSQL keeps in no text, and halves of surrogate pairs, which are no text at all. */
const UNKEEPABLE = /\0|\p{Surrogate}/u;

/** Nothing Grevik is sent goes deeper than this. */
const DEEPEST = 40;

/**
 * Refuses, by its field, what no part of Grevik could take: characters that no text can keep, and values nested so deeply that reading
 * them would exhaust the stack.
 */
export function refuseOddBodies(request: Request, _response: Response, next: NextFunction): void {
  try {
    inspect(request.body);
    next();
  } catch (refusal) {
    next(refusal);
  }
}

/** Walks with a list of its own instead of the call stack. */
function inspect(body: unknown): void {
  const open: { value: unknown; path: string; depth: number }[] = [{ value: body, path: '', depth: 0 }];
  for (let at = open.pop(); at; at = open.pop()) {
    const { value, path, depth } = at;
    if (depth > DEEPEST)
      throw new InvalidInput('request', `The request is nested deeper than ${DEEPEST} levels.`);
    if (typeof value === 'string' && UNKEEPABLE.test(value)) {
      throw new InvalidInput(
        path || 'request',
        `${path || 'The request'} has a character in it that no text can keep (zero, or half of a pair): take it out.`,
      );
    }
    if (typeof value !== 'object' || value === null) continue;
    for (const [name, inner] of Object.entries(value)) {
      open.push({ value: inner, path: path === '' ? name : `${path}.${name}`, depth: depth + 1 });
    }
  }
}
