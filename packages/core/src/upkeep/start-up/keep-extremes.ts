/**
 * Fewer points of a long reading for a chart, so that no spike is lost: of each stretch the lowest and the highest, in the order they came.
 *
 * @param values one a sample
 * @param most   points wanted, 4 or more
 * @returns indexes to draw, rising, the first and the last among them
 *
 * @example
 * keepExtremes([1, 1, 9, 1, 1, 1, 1, 1], 4) // [0, 2, 7]
 */
export function keepExtremes(values: ArrayLike<number>, most: number): number[] {
  const count = values.length;
  if (count <= most) return Array.from({ length: count }, (_, at) => at);
  const stretches = Math.max(1, Math.floor((most - 2) / 2));
  const kept = new Set<number>([0]);
  for (let stretch = 0; stretch < stretches; stretch += 1) {
    const from = Math.floor((stretch * count) / stretches);
    const to = Math.floor(((stretch + 1) * count) / stretches);
    let [low, high] = [from, from];
    for (let at = from + 1; at < to; at += 1) {
      if ((values[at] ?? 0) < (values[low] ?? 0)) low = at;
      if ((values[at] ?? 0) > (values[high] ?? 0)) high = at;
    }
    kept.add(Math.min(low, high));
    kept.add(Math.max(low, high));
  }
  kept.add(count - 1);
  return [...kept].sort((a, b) => a - b);
}
