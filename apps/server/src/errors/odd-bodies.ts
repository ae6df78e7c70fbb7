import { InvalidInput } from '@grevik/core';
import type { NextFunction, Request, Response } from 'express';

/** Nothing Grevik is sent goes deeper than this. */
const DEEPEST = 40;

/**
 * Refuses, by its field, what no part of Grevik could take: zero characters, which PostgreSQL keeps in no text, and values nested
 * so deeply that reading them would exhaust the stack.
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
    if (typeof value === 'string' && value.includes('\0')) {
      throw new InvalidInput(
        path || 'request',
        `${path || 'The request'} has a zero character in it: take it out.`,
      );
    }
    if (typeof value !== 'object' || value === null) continue;
    for (const [name, inner] of Object.entries(value)) {
      open.push({ value: inner, path: path === '' ? name : `${path}.${name}`, depth: depth + 1 });
    }
  }
}
