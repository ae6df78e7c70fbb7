const NONE: readonly string[] = [];
const HANDFUL = 16;

/**
 * Deals ids out to groups, each list sorted in plain string order. Counted first, so that tens of thousands of lists are made at their size.
 *
 * @param groups how many
 * @param each   says which id goes to which group; called twice
 *
 * @example
 * gather(2, (put) => { put(1, 'b'); put(1, 'a'); }) // [[], ['a', 'b']]
 */
export function gather(
  groups: number,
  each: (put: (group: number, id: string) => void) => void,
): (readonly string[])[] {
  const left = new Int32Array(groups);
  each((group) => (left[group] = (left[group] as number) + 1));
  const lists = Array.from(left, (size): readonly string[] => (size === 0 ? NONE : new Array<string>(size)));
  each((group, id) => {
    const at = (left[group] as number) - 1;
    left[group] = at;
    (lists[group] as string[])[at] = id;
  });
  for (const list of lists) if (list.length > 1) sort(list as string[]);
  return lists;
}

/** Most lists are a handful long, which the engine's own sort is slow to start on. */
function sort(ids: string[]): void {
  if (ids.length > HANDFUL) {
    ids.sort();
    return;
  }
  for (let at = 1; at < ids.length; at += 1) {
    const id = ids[at] as string;
    let place = at;
    for (; place > 0 && (ids[place - 1] as string) > id; place -= 1) ids[place] = ids[place - 1] as string;
    ids[place] = id;
  }
}
