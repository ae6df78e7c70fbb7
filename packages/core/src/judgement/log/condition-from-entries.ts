import { type Condition, conditionOf } from '../walk/index.js';
import { ENTRY_KIND_TABLE, type EntryFact, type EntryKind } from './entry-kinds.js';

/** An entry as the log keeps it. */
export interface LoggedEntry extends EntryFact {
  kind: EntryKind;
  /** ISO, UTC. */
  happenedAt: string;
  by?: string;
}

/**
 * What is known of a position from all its entries.
 *
 * @param entries in any order
 *
 * @example
 * conditionFromEntries([{ kind: 'does-not-turn', happenedAt: '2024-05-01T00:00:00.000Z' }]).turning // 'seized'
 */
export function conditionFromEntries(entries: readonly LoggedEntry[]): Condition {
  return conditionOf(
    entries.flatMap(({ kind, happenedAt, by, ...fact }) => {
      const found = ENTRY_KIND_TABLE[kind].finds?.(fact);
      return found ? [{ happenedAt, found, ...(by !== undefined && { by }) }] : [];
    }),
  );
}
