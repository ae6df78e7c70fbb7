import { calculation } from '../../ground/calculation/index.js';
import { type RecordOf, list, number, optional, record } from '../../ground/input/index.js';
import { MOST_SAMPLES } from './hold-test-calculation.js';
import { reducerCheck } from './reducer-check.js';

const reducerGivenFields = { setPa: number({ unit: 'Pa gauge', above: 0, meaning: 'what it is set to' }) };
/** The reading of a reducer as it is begun: what it is judged by. */
export const reducerGivenInput = record(reducerGivenFields);
export type ReducerGiven = RecordOf<typeof reducerGivenFields>;

export const reducerCheckCalculation = calculation({
  name: 'reducer-check',
  summary: 'Whether a pressure reducer holds its setting, creeps, hunts or is off its setting.',
  input: record({
    ...reducerGivenFields,
    samples: list(
      record({
        timeS: number({ unit: 's', meaning: 'rising' }),
        outletPa: number({ unit: 'Pa gauge' }),
        inletPa: optional(number({ unit: 'Pa gauge' })),
        flowM3s: number({ unit: 'm3/s', min: 0 }),
      }),
      { least: 1, most: MOST_SAMPLES },
    ),
  }),
  gives: {
    verdict: '`holding`, `off-set`, `hunting`, `creeping` or `not-proved`',
    lockUpPa: 'Pa gauge at rest, the median of all rests of a minute and more',
    creepPaPerMin: 'Pa that it rises in a minute of rest, at most',
    fallOffPa: 'Pa that it is lower with most of the flow drawn',
    swingPa: 'Pa from the lowest to the highest in a steady draw, at most',
  },
  notes: [
    'Shut off the water heater first: water that warms raises the gauge as a creeping seat does.',
    'A creeping seat lets the house see the full main pressure by morning.',
  ],
  basis: {
    method: 'Rests of 60 s, steady draws of 20 s; medians, a straight line through each rest.',
    source: 'ASSE 1003 for the terms; limits of 10 % of the setting and 1 % a minute are usual practice.',
    limits: 'One reducer, its outlet read at the valve.',
    ignores: 'Changes of the pressure ahead of it.',
  },
  example: {
    setPa: 345_000,
    samples: [
      { timeS: 0, outletPa: 345_000, flowM3s: 0 },
      { timeS: 30, outletPa: 345_200, flowM3s: 0 },
      { timeS: 60, outletPa: 345_100, flowM3s: 0 },
      { timeS: 65, outletPa: 318_000, flowM3s: 0.0006 },
    ],
  },
  run: reducerCheck,
});
