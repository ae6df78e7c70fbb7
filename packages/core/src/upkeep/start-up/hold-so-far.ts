import { type HoldTest, type HoldTestCase, holdTest } from '../../physics/pressure-test/index.js';

/** How a hold stands while it is still being read. */
export interface HoldSoFar {
  test: HoldTest;
  /** s that were held at the test pressure. */
  heldS: number;
  /** s still to go; 0 once the time is full. */
  missingS: number;
}

/**
 * How a hold stands so far: judged by what was held, until the time is full.
 *
 * @param given as for `holdTest`
 * @returns until the time is full the verdict is only so far, and nothing is passed by it
 * @throws InvalidInput where times do not rise
 * Source: `holdTest`.
 *
 * @example
 * holdSoFar({ kind: 'air', testPressurePa: 345_000, holdS: 900, samples }).missingS // 480
 */
export function holdSoFar(given: HoldTestCase): HoldSoFar {
  const test = holdTest(given);
  if (test.startS === undefined) return { test, heldS: 0, missingS: given.holdS };
  const reachS = given.samples[given.samples.length - 1]?.timeS ?? test.startS;
  const heldS = Math.min(given.holdS, reachS - test.startS);
  if (test.reason !== 'too-short' || heldS <= 0) return { test, heldS, missingS: given.holdS - heldS };
  return { test: holdTest({ ...given, holdS: heldS }), heldS, missingS: given.holdS - heldS };
}
