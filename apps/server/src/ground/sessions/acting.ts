import type { Role } from '@grevik/contracts';

/** Whoever sent the request. */
export interface Acting {
  personId: string;
  companyId: string;
  role: Role;
  /** Whether they are a visitor of the demo company: its people and ways in are not theirs to change. */
  isDemo: boolean;
}

const acting = new WeakMap<object, Acting>();

/** Notes who sent a request. */
export function setActing(request: object, who: Acting): void {
  acting.set(request, who);
}

/** Who sent a request; undefined where nobody is signed in. */
export function actingIn(request: object): Acting | undefined {
  return acting.get(request);
}
