/**
 * Puts nodes that some links join into groups.
 *
 * @param count how many nodes
 * @param from  a link's one end, by link
 * @param to    its other end
 * @param joins whether a link joins its ends
 * @returns the group of each node, groups numbered from 0 in the order of their first node; and how many there are
 * Source: union-find with path halving, the lower node leading.
 *
 * @example
 * groups(3, Int32Array.of(0), Int32Array.of(2), () => true) // { of: [0, 1, 0], count: 2 }
 */
export function groups(
  count: number,
  from: Int32Array,
  to: Int32Array,
  joins: (link: number) => boolean,
): { of: Int32Array; count: number } {
  const leader = new Int32Array(count);
  for (let node = 0; node < count; node += 1) leader[node] = node;
  const find = (node: number): number => {
    let at = node;
    for (;;) {
      const above = leader[at] as number;
      if (above === at) return at;
      at = leader[at] = leader[above] as number;
    }
  };
  for (let link = 0; link < from.length; link += 1) {
    if (!joins(link)) continue;
    const one = find(from[link] as number);
    const other = find(to[link] as number);
    if (one < other) leader[other] = one;
    else leader[one] = other;
  }
  // A leader is the first node of its group, so that it has its number before the others look for it.
  const of = new Int32Array(count);
  let found = 0;
  for (let node = 0; node < count; node += 1) {
    const first = find(node);
    of[node] = first === node ? found++ : (of[first] as number);
  }
  return { of, count: found };
}
