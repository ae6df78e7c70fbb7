import { PSI_PA } from '../../ground/units/index.js';

const FT_M = 0.3048;
const IN_M = 0.0254;
const US_GALLON_M3 = 3.785411784e-3;
const HOUR_S = 3600;
/** Of the waterworks formula, in its units. */
const DIVISOR = 148_000;

export interface MainTestCase {
  lengthM: number;
  /** Nominal bore, m. */
  diameterM: number;
  /** Mean over the test, Pa gauge. */
  testPressurePa: number;
  holdS: number;
  /** Water pumped in to keep the pressure up, m3. */
  madeUpM3: number;
}

export interface MainTest {
  allowedM3: number;
  ratio: number;
  verdict: 'within' | 'over';
}

/**
 * Whether the water pumped in while a new main was under test is within what its joints may take.
 *
 * @param given length m, bore m, mean pressure Pa gauge, time s, water made up m3
 * Source: AWWA C600, L = S D sqrt(P) / 148,000 US gal an hour, S in ft, D in inches, P in psi.
 *
 * @example
 * mainTest({ lengthM: 304.8, diameterM: 0.2032, testPressurePa: 1_034_214, holdS: 7200, madeUpM3: 0.004 }).verdict // 'within'
 */
export function mainTest({ lengthM, diameterM, testPressurePa, holdS, madeUpM3 }: MainTestCase): MainTest {
  const gallonsAnHour =
    ((lengthM / FT_M) * (diameterM / IN_M) * Math.sqrt(testPressurePa / PSI_PA)) / DIVISOR;
  const allowedM3 = gallonsAnHour * US_GALLON_M3 * (holdS / HOUR_S);
  const ratio = madeUpM3 / allowedM3;
  return { allowedM3, ratio, verdict: ratio <= 1 ? 'within' : 'over' };
}
