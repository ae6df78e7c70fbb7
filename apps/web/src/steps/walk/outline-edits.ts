import type { WalkInsert } from '@grevik/contracts';
import { DEEPEST_BRANCH, type WalkItem } from '@grevik/core';

/** From a place on so many items go, and these come. */
export interface Edit {
  at: number;
  remove: number;
  insert: WalkInsert[];
}

/** Where an item’s branch ends: the place after everything indented under it. */
export function branchEnd(items: readonly WalkItem[], at: number): number {
  const depth = items[at]?.depth ?? 0;
  let end = at + 1;
  while (end < items.length && (items[end]?.depth ?? 0) > depth) end += 1;
  return end;
}

/** Puts items after one, behind its branch. */
export function putIn(items: readonly WalkItem[], after: number, insert: WalkInsert[]): Edit {
  const depth = insert[0]?.depth ?? 0;
  // Put in deeper, it is the first of its branch; at its depth or above, it follows the branch.
  const at = depth > (items[after]?.depth ?? 0) ? after + 1 : branchEnd(items, after);
  return { at, remove: 0, insert };
}

/** Takes an item out with its branch. The source stays. */
export function takeOut(items: readonly WalkItem[], at: number): Edit | undefined {
  return at === 0 ? undefined : { at, remove: branchEnd(items, at) - at, insert: [] };
}

/** Indents an item with its branch, or the other way. */
export function indent(items: readonly WalkItem[], at: number, by: 1 | -1): Edit | undefined {
  const item = items[at];
  const before = items[at - 1];
  if (!item || !before || item.depth + by < 0 || item.depth + by > Math.min(before.depth + 1, DEEPEST_BRANCH))
    return undefined;
  const end = branchEnd(items, at);
  return {
    at,
    remove: end - at,
    insert: items.slice(at, end).map((one) => ({ ...one, depth: one.depth + by })),
  };
}

/** Moves an item with its branch to stand before another place, at the depth that place allows. */
export function move(items: readonly WalkItem[], from: number, to: number): Edit | undefined {
  const end = branchEnd(items, from);
  if (from === 0 || to <= 0 || to > items.length || (to >= from && to <= end)) return undefined;
  const above = items[to - 1]?.depth ?? 0;
  const branch = items.slice(from, end);
  const shift = Math.min(0, above + 1 - (branch[0]?.depth ?? 0));
  const moved = branch.map((item) => ({ ...item, depth: item.depth + shift }));
  const [start, stop] = to < from ? [to, end] : [from, to];
  const stretch = to < from ? [...moved, ...items.slice(to, from)] : [...items.slice(end, to), ...moved];
  return rehung(items, start, stop, stretch);
}

/** The stretch in its new order, with whatever would hang too deep behind it brought along. */
function rehung(items: readonly WalkItem[], start: number, stop: number, stretch: readonly WalkItem[]): Edit {
  const insert = stepped(stretch, items[start - 1]?.depth ?? 0);
  let end = stop;
  for (let next = items[end]; next && next.depth > (insert.at(-1)?.depth ?? 0) + 1; next = items[end]) {
    insert.push({ ...next, depth: (insert.at(-1)?.depth ?? 0) + 1 });
    end += 1;
  }
  return { at: start, remove: end - start, insert };
}

/** One place up or down, past the whole branch that stands there. */
export function step(items: readonly WalkItem[], at: number, by: 1 | -1): Edit | undefined {
  if (by === 1) {
    const end = branchEnd(items, at);
    return end >= items.length ? undefined : move(items, at, branchEnd(items, end));
  }
  const depth = items[at]?.depth ?? 0;
  let before = at - 1;
  while (before > 0 && (items[before]?.depth ?? 0) > depth) before -= 1;
  return move(items, at, before);
}

/** No item indented by more than one under the one before it. */
function stepped(items: readonly WalkItem[], above: number): WalkItem[] {
  let depth = above;
  return items.map((item) => {
    depth = Math.min(item.depth, depth + 1);
    return { ...item, depth };
  });
}
