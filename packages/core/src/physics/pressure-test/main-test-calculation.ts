import { calculation } from '../../ground/calculation/index.js';
import { number, record } from '../../ground/input/index.js';
import { mainTest } from './main-test.js';

export const mainTestCalculation = calculation({
  name: 'main-test',
  summary: 'Whether the make-up of a new main under test is within what its joints may take.',
  input: record({
    lengthM: number({ unit: 'm', above: 0 }),
    diameterM: number({ unit: 'm', above: 0, meaning: 'nominal bore' }),
    testPressurePa: number({ unit: 'Pa gauge', above: 0, meaning: 'mean over the test' }),
    holdS: number({ unit: 's', above: 0 }),
    madeUpM3: number({ unit: 'm3', min: 0, meaning: 'water pumped in to keep the pressure up' }),
  }),
  gives: {
    allowedM3: 'm3 that may be made up in the time held',
    ratio: 'made up to allowed',
    verdict: '`within` or `over`',
  },
  notes: ['HDPE stretches: it is tested by a procedure of its own.'],
  basis: {
    method: 'L = S D sqrt(P) / 148,000 in US gallons an hour, feet, inches and psi.',
    source: 'AWWA C600.',
    limits: 'Push-on and mechanical joints of iron pipe; PVC by the same formula in AWWA C605.',
    ignores: 'Air left in the main, and closed valves that leak by, tested with it.',
  },
  example: { lengthM: 304.8, diameterM: 0.2032, testPressurePa: 1_034_214, holdS: 7200, madeUpM3: 0.004 },
  run: mainTest,
});
