/**
 * The median of figures.
 *
 * @returns undefined where there are none
 *
 * @example
 * medianOf([3, 1, 2]) // 2
 */
export function medianOf(figures: ArrayLike<number>): number | undefined {
  const sorted = Float64Array.from(figures).sort();
  const middle = sorted.length >> 1;
  if (sorted.length === 0) return undefined;
  return sorted.length % 2 === 1
    ? (sorted[middle] as number)
    : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2;
}
