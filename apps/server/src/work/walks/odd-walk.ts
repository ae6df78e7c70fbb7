import { InvalidInput, LONGEST_WALK, type WalkItem } from '@grevik/core';

/** Refuses a walk that could not be followed. */
export function refuseOddWalk(items: readonly Omit<WalkItem, 'positionId'>[], field = 'insert'): void {
  if (items.length > LONGEST_WALK)
    throw new InvalidInput(field, `A line holds at most ${LONGEST_WALK} items: divide it into two lines.`);
  const [first] = items;
  if (!first || first.kind !== 'source' || first.depth !== 0)
    throw new InvalidInput(field, 'A walk starts at its source: put the source first, not indented.');
  const ids = new Set<string>();
  let depth = 0;
  for (const item of items) {
    if (ids.has(item.id)) throw new InvalidInput(`${field}.id`, `${item.id} is already in the walk.`);
    ids.add(item.id);
    if (item.depth > depth + 1)
      throw new InvalidInput(
        `${field}.depth`,
        `An item is indented ${item.depth} under one at ${depth}: indent by one.`,
      );
    depth = item.depth;
  }
  for (const { endsAt } of items)
    if (endsAt !== undefined && !ids.has(endsAt))
      throw new InvalidInput(
        `${field}.endsAt`,
        'A run ends at an item that is not in the walk: choose another end.',
      );
}
