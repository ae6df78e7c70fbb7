import { type Condition, conditionFromEntries } from '@grevik/core';
import { signature } from '../../firm/people/signature.js';
import type { Entry } from './entry.model.js';

/** What is known of a position from all its entries: the one place where rows become a condition. */
export function conditionFrom(entries: readonly Entry[]): Condition {
  return conditionFromEntries(
    entries.map((entry) => {
      const { kind, turns, found, finding, visit, happenedAt } = entry;
      const by = signature(entry);
      return {
        kind,
        turns,
        found,
        finding,
        visit,
        happenedAt: happenedAt.toISOString(),
        ...(by !== '' && { by }),
      };
    }),
  );
}
