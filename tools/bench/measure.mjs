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

/** @param {number[]} values */
export const middle = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** One line: a time, and how many times a named baseline of the same run it is. @param {string} name @param {number} ms @param {string} baseline @param {number} baselineMs */
export function report(name, ms, baseline, baselineMs) {
  console.log(
    `${name}: ${ms.toFixed(2)} ms median, ${(ms / baselineMs).toFixed(1)} x ${baseline} (${baselineMs.toFixed(2)} ms)`,
  );
}
