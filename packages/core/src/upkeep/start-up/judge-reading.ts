import {
  type HoldGiven,
  type HoldTest,
  type ReducerCheck,
  type ReducerColumns,
  type ReducerGiven,
  type SampleColumns,
  holdTest,
  reducerCheck,
  reducerSamplesOfColumns,
  samplesOfColumns,
} from '../../physics/pressure-test/index.js';

/** A reading as it was begun: what it is judged by. */
export type BegunReading = { step: 'hold'; given: HoldGiven } | { step: 'reducer'; given: ReducerGiven };

/**
 * Judges a reading on all its samples.
 *
 * @param reading of a hold or of a reducer
 * @param columns its samples; of a reducer only those whose flow was read count
 * @returns the verdict with its figures
 * @throws InvalidInput where times do not rise
 * Source: `hold-test` and `reducer-check`.
 *
 * @example
 * judgeReading({ step: 'hold', given: { kind: 'air', testPressurePa: 345_000, holdS: 900 } }, columns).verdict // 'holds'
 */
export function judgeReading(
  reading: BegunReading,
  columns: SampleColumns & ReducerColumns,
): HoldTest | ReducerCheck {
  return reading.step === 'hold'
    ? holdTest({ ...reading.given, samples: samplesOfColumns(columns) })
    : reducerCheck({ ...reading.given, samples: reducerSamplesOfColumns(columns) });
}
