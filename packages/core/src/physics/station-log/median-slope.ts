import { medianOf } from '../pressure-test/index.js';

/** Up to so many samples every pair is looked at; of more, pairs that are these shares of the length apart. */
const ALL_PAIRS = 12;
const APART = [1 / 3, 1 / 2, 2 / 3];

/**
 * The slope of a line through noisy points that one bad point does not move: the median of the slopes of pairs.
 *
 * @param times  rising
 * @param values one a time
 * @returns undefined where there is only one point
 * Source: Theil and Sen; for long series pairs far apart, whose slopes carry least noise.
 *
 * @example
 * medianSlope([0, 1, 2, 3], [0, 2, 4, 99]) // about 2
 */
export function medianSlope(times: ArrayLike<number>, values: ArrayLike<number>): number | undefined {
  const count = times.length;
  if (count < 2) return undefined;
  const slopes: number[] = [];
  const add = (i: number, j: number): void => {
    slopes.push(
      ((values[j] as number) - (values[i] as number)) / ((times[j] as number) - (times[i] as number)),
    );
  };
  if (count <= ALL_PAIRS) {
    for (let i = 0; i < count; i += 1) for (let j = i + 1; j < count; j += 1) add(i, j);
  } else {
    for (const share of APART) {
      const apart = Math.floor(share * count);
      for (let i = 0; i + apart < count; i += 1) add(i, i + apart);
    }
  }
  return medianOf(slopes);
}
