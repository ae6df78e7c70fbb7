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
 * What is known of the valve at a position from all its entries: what was found before it was replaced is of another one.
 *
 * @param entries in any order
 *
 * @example
 * conditionFromEntries([{ kind: 'does-not-turn', happenedAt: '2024-05-01T00:00:00.000Z' }]).turning // 'seized'
 */
export function conditionFromEntries(entries: readonly LoggedEntry[]): Condition {
  const since = entries
    .filter(({ kind }) => ENTRY_KIND_TABLE[kind].begins)
    .map(({ happenedAt }) => happenedAt)
    .sort()
    .at(-1);
  const ofThisValve = entries.filter(({ happenedAt }) => since === undefined || happenedAt >= since);
  const dealt = ofThisValve
    .filter(({ kind }) => ENTRY_KIND_TABLE[kind].dealsWith && !ENTRY_KIND_TABLE[kind].begins)
    .sort((a, b) => (a.happenedAt < b.happenedAt ? -1 : 1))
    .at(-1);
  const condition = conditionOf(
    ofThisValve.flatMap(({ kind, happenedAt, by, ...fact }) => {
      const found = ENTRY_KIND_TABLE[kind].finds?.(fact);
      return found ? [{ happenedAt, found, ...(by !== undefined && { by }) }] : [];
    }),
  );
  return dealt
    ? { ...condition, dealt: ENTRY_KIND_TABLE[dealt.kind].words, dealtAt: dealt.happenedAt }
    : condition;
}
