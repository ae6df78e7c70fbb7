import type { RequestHandler } from 'express';
import { inCompany } from '../../ground/database/company-scope.js';
import { actingIn, setActing } from '../../ground/sessions/acting.js';
import type { SessionStore } from '../../ground/sessions/session-store.js';
import type { SessionsService } from './sessions.service.js';

/** What answers the same whoever asks: health knows nobody, and calculations go on while the database is away. */
const KNOWS_NOBODY = /^\/api\/health(?:\/|$)/;
/** What a page calls itself: only compared, never looked up. */
const TAB = /^[\w-]{1,64}$/;
const NEEDS_NOBODY = /^\/api\/(?:calc|price-desk)(?:\/|$)/;

/** Finds out who sent a request, before anything of its body is read. */
export function findSender(store: SessionStore, sessions: SessionsService): RequestHandler {
  return (request, response, next) => {
    if (KNOWS_NOBODY.test(request.path)) return next();
    const go = NEEDS_NOBODY.test(request.path) ? () => next() : next;
    store.middleware(request, response, (failed?: unknown) => {
      if (failed !== undefined) return go(failed);
      sessions.find(request).then((acting) => {
        if (acting) setActing(request, acting);
        next();
      }, go);
    });
  };
}

/** Opens the sender's company around the rest of the request: after its body, whose arrival runs outside of any. */
export const openCompany: RequestHandler = (request, _response, next) => {
  const acting = actingIn(request);
  if (!acting) return next();
  const tab = request.get('x-grevik-tab');
  inCompany(acting.companyId, next, {
    personId: acting.personId,
    tab: tab !== undefined && TAB.test(tab) ? tab : undefined,
    requestId: String(request.id),
  });
};
