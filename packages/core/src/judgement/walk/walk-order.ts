import type { WalkItem } from './walk-item.js';

/**
 * A walk as it stands beside the positions of its line: a valve whose position is gone is left out, a position that the walk does not have
 * yet is put at its end, and a line nobody has walked starts with its source.
 *
 * @param items       as stored
 * @param positionIds of the line, in its order
 *
 * @example
 * walkBeside([], ['p1']) // [{ id: 'source', kind: 'source', depth: 0 }, { id: 'p1', kind: 'valve', depth: 0, positionId: 'p1' }]
 */
export function walkBeside(items: readonly WalkItem[], positionIds: readonly string[]): WalkItem[] {
  const there = new Set(positionIds);
  const walked = new Set(items.map(({ positionId }) => positionId));
  const standing = items.filter(({ kind, positionId }) => kind !== 'valve' || there.has(positionId ?? ''));
  const start: WalkItem[] = standing.length === 0 ? [{ id: 'source', kind: 'source', depth: 0 }] : standing;
  return [
    ...start,
    ...positionIds
      .filter((id) => !walked.has(id))
      .map((positionId): WalkItem => ({ id: positionId, kind: 'valve', depth: 0, positionId })),
  ];
}

/** The positions of a walk, in its order. */
export function walkedPositions(items: readonly WalkItem[]): string[] {
  return items.flatMap(({ positionId }) => positionId ?? []);
}

/**
 * Items in the order of their walk.
 *
 * @param ids   of items, in any order; one that the walk does not have is left out
 * @param items of the walk, in walking order
 *
 * @example
 * inWalkOrder(['b', 'a'], [{ id: 'a', kind: 'source', depth: 0 }, { id: 'b', kind: 'run', depth: 0 }]) // ['a', 'b']
 */
export function inWalkOrder(ids: readonly string[], items: readonly WalkItem[]): string[] {
  const asked = new Set(ids);
  return items.flatMap(({ id }) => (asked.has(id) ? [id] : []));
}
