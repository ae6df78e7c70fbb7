import { type Condition, type Found, conditionOf } from '@grevik/core';
import type { Entry } from './entry.model.js';

/** What an entry says of the valve. */
export function foundIn({ kind, found, turns }: Pick<Entry, 'kind' | 'found' | 'turns'>): Found | undefined {
  switch (kind) {
    case 'found':
      return found ?? undefined;
    case 'turned':
      return { turning: 'freely', ...(turns !== null && { turns }) };
    case 'does-not-turn':
      return { turning: 'seized' };
    case 'holds':
      return { holding: 'tight' };
    case 'passes':
      return { holding: 'passes' };
    case 'leaks':
      return { leaking: 'somewhere' };
    case 'note':
    case 'bench':
      return undefined;
  }
}

/** What is known of a position from all its entries. */
export function conditionFrom(entries: readonly Entry[]): Condition {
  return conditionOf(
    entries.flatMap((entry) => {
      const found = foundIn(entry);
      const by = entry.person?.name ?? entry.signedAs;
      return found ? [{ happenedAt: entry.happenedAt.toISOString(), found, ...(by !== null && { by }) }] : [];
    }),
  );
}
