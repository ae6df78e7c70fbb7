import type { NextFunction, Request, Response } from 'express';
import { Refusal } from '../errors/refusal.js';

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Refuses what a page of another site has a browser send. A browser says where a write comes from (Sec-Fetch-Site, else Origin); a shell or
 * another program says nothing, and carries no cookie that it was not given.
 */
export function refuseOtherSites(request: Request, _response: Response, next: NextFunction): void {
  if (READS.has(request.method)) return next();
  const site = request.get('sec-fetch-site');
  const origin = request.get('origin');
  const isOwn =
    site === undefined
      ? origin === undefined || hostOf(origin) === request.host
      : site === 'same-origin' || site === 'none';
  if (isOwn) return next();
  next(
    new Refusal(403, {
      code: 'not-allowed',
      field: site === undefined ? 'origin' : 'sec-fetch-site',
      message: 'This was sent from a page of another site. Open Grevik at its own address.',
    }),
  );
}

/** Host and port of an origin; undefined where it has none, as from a sandboxed frame. */
function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}
