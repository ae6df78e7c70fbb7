import type { EntryView, HistoryView } from '@grevik/contracts';

/**
 * Changes and entries of a position as one history that ends where either of them is cut: nothing older is shown beside what is left out.
 *
 * @param changes newest first, one more than shown where there are more
 * @param entries newest first, one more than shown where there are more
 * @param most    how many of each are shown
 */
export function withoutGaps<Change extends { at: string }>(
  changes: readonly Change[],
  entries: readonly EntryView[],
  most: number,
): HistoryView<Change> {
  const oldest = Math.max(
    endOf(
      changes.map(({ at }) => at),
      most,
    ),
    endOf(
      entries.map(({ happenedAt }) => happenedAt),
      most,
    ),
  );
  return {
    changes: changes.slice(0, most).filter(({ at }) => Date.parse(at) >= oldest),
    entries: entries.slice(0, most).filter(({ happenedAt }) => Date.parse(happenedAt) >= oldest),
    hasOlder: oldest > -Infinity,
  };
}

/** The last moment shown of a list that is cut; of one that is not, long ago. */
const endOf = (moments: readonly string[], most: number): number =>
  moments.length > most ? Date.parse(moments[most - 1] ?? '') : -Infinity;
