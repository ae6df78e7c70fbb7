import { ATMOSPHERE_PA, GRAVITY_MS2 } from '../../ground/media/index.js';

/** A gas cushion behind a piston or bellows, beside the valve. */
export interface Arrester {
  /** Gas before it is connected, m3. */
  gasM3: number;
  /** Its pressure then, Pa gauge. */
  prechargePa: number;
  densityKgM3: number;
}

/** Between slow and sudden squeezing. Source: the exponent Wylie and Streeter take for air vessels. */
const EXPONENT = 1.2;
const ROUNDS = 50;

/**
 * Head at a valve that has a gas cushion beside it, step by step: what the pipe brings goes through the valve or squeezes the gas.
 *
 * @param arrester gas m3, precharge Pa gauge, density of the liquid kg/m3
 * @param steadyM  head at the valve before anything moves, m: the gas has taken its volume at that head, slowly
 * @param stepS    time step, s
 * @returns a function that is asked once for each step: what travels in from the pipe m, B = a/(gA), C_v = (tau Q0)^2/(2 H0); it answers the head m
 * Source: p V^1.2 = constant, p absolute; the pipe's C+ and the valve as in transient, solved by halving, since the sum of the flows falls with the head.
 *
 * @example
 * arresterHeadM({ gasM3: 1e-3, prechargePa: 2e5, densityKgM3: 998.2 }, 50, 1e-3)(50, 1e4, 0) // 50: nothing comes, nothing is squeezed
 */
export function arresterHeadM(
  { gasM3, prechargePa, densityKgM3 }: Arrester,
  steadyM: number,
  stepS: number,
): (fromPipeM: number, b: number, cv: number) => number {
  const weight = densityKgM3 * GRAVITY_MS2;
  const airM = ATMOSPHERE_PA / weight;
  const preM = prechargePa / weight + airM;
  const volumeAt = (startM3: number, startM: number, headM: number, exponent: number): number =>
    Math.min(gasM3, startM3 * (startM / Math.max(headM + airM, 1e-6)) ** (1 / exponent));
  const steadyM3 = volumeAt(gasM3, preM, steadyM, 1);
  const startM = Math.max(steadyM + airM, preM);
  let volumeM3 = steadyM3;
  return (fromPipeM, b, cv) => {
    let low = -airM;
    let high = Math.max(fromPipeM, low) + 1;
    for (let round = 0; round < ROUNDS; round += 1) {
      const headM = (low + high) / 2;
      const squeezed = (volumeM3 - volumeAt(steadyM3, startM, headM, EXPONENT)) / stepS;
      const through = headM <= 0 ? 0 : Math.sqrt(2 * cv * headM);
      if ((fromPipeM - headM) / b > through + squeezed) low = headM;
      else high = headM;
    }
    const headM = (low + high) / 2;
    volumeM3 = volumeAt(steadyM3, startM, headM, EXPONENT);
    return headM;
  };
}
