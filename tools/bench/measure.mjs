import { performance } from 'node:perf_hooks';

/** Rounds run before any is counted: by then the engine has compiled what it will. */
const WARM = 12;

/**
 * Median time of a work, ms.
 * @param {() => unknown} work @param {number} [rounds] @param {() => unknown} [before] what comes before each round and is not measured
 */
export async function median(work, rounds = 31, before = () => undefined) {
  for (let warm = 0; warm < WARM; warm += 1) {
    await before();
    await work();
  }
  /** @type {number[]} */
  const times = [];
  for (let round = 0; round < rounds; round += 1) {
    await before();
    const from = performance.now();
    await work();
    times.push(performance.now() - from);
  }
  return middle(times);
}

/**
 * Median times of works that are to be compared, ms: in turns, so that a machine that is slower for a while is so for all of them.
 * @template {Record<string, () => unknown>} Works
 * @param {Works} works @param {number} [rounds]
 * @returns {Promise<Record<keyof Works, number>>}
 */
export async function mediansInTurns(works, rounds = 101) {
  /** @type {Record<string, number[]>} */
  const times = Object.fromEntries(Object.keys(works).map((name) => [name, []]));
  for (let round = -WARM; round < rounds; round += 1)
    for (const [name, work] of Object.entries(works)) {
      const from = performance.now();
      await work();
      if (round >= 0) times[name]?.push(performance.now() - from);
    }
  return /** @type {any} */ (
    Object.fromEntries(Object.entries(times).map(([name, of]) => [name, middle(of)]))
  );
}

/** @param {number[]} values */
export const middle = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** One line: a time, and how many times a named baseline of the same run it is. @param {string} name @param {number} ms @param {string} baseline @param {number} baselineMs */
export function report(name, ms, baseline, baselineMs) {
  console.log(
    `${name}: ${ms.toFixed(2)} ms median, ${(ms / baselineMs).toFixed(1)} x ${baseline} (${baselineMs.toFixed(2)} ms)`,
  );
}
