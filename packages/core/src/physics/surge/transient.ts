import { GRAVITY_MS2 } from '../../ground/media/index.js';
import { type Arrester, arresterHeadM } from './arrester.js';
import { gridOf } from './grid/grid-of.js';

/** A level pipe from a constant head to a valve that discharges freely. */
export interface TransientPipe {
  lengthM: number;
  diameterM: number;
  /** Darcy, constant. */
  frictionFactor: number;
  waveSpeedMs: number;
  sourceHeadM: number;
  initialFlowM3s: number;
  reaches: number;
  /** Head at which it boils, m above the valve. */
  vapourHeadM: number;
}

/** How the valve's effective opening goes: 1 as it was before, 0 shut, at a time in s. */
export type Closing = (timeS: number) => number;

export interface TransientOptions {
  /** A gas cushion beside the valve. */
  arrester?: Arrester | undefined;
  /** Shown the heads along the pipe after each step, m; it keeps nothing of them without copying. */
  watch?: (step: number, headM: Float64Array) => void;
}

/** What the waves did: heads m above the valve. */
export interface Transient {
  stepS: number;
  steps: number;
  /** At the valve, a value a step from time 0. */
  valveHeadM: Float64Array;
  valveFlowM3s: Float64Array;
  /** At each node from the source. */
  highestM: Float64Array;
  lowestM: Float64Array;
  /** Whether the computed head fell below boiling anywhere. */
  cavitates: boolean;
}

/**
 * Waves in a pipe whose valve is shut, by the method of characteristics at Courant number 1. Reads and writes typed arrays and allocates nothing for
 * a step.
 *
 * @param pipe    m, m3/s, reaches >= 1
 * @param closing how the valve is shut
 * @param lastS   how long it is followed, s
 * @returns heads at the valve, extremes along the pipe; heads under boiling are held at boiling, the computed flow is kept
 * Source: Wylie and Streeter, Fluid Transients: C+ and C- with B = a/(gA), R = f dx/(2 g D A^2); Q_valve = tau Q0 sqrt(H/H0).
 *
 * @example
 * transient(pipe, (timeS) => (timeS > 0 ? 0 : 1), 1).valveHeadM[1] // the head after the valve snapped shut
 */
export function transient(
  pipe: TransientPipe,
  closing: Closing,
  lastS: number,
  { arrester, watch }: TransientOptions = {},
): Transient {
  const { lengthM, frictionFactor, waveSpeedMs, sourceHeadM, initialFlowM3s, reaches, vapourHeadM } = pipe;
  const area = (Math.PI / 4) * pipe.diameterM ** 2;
  const stepS = lengthM / reaches / waveSpeedMs;
  const steps = Math.ceil(lastS / stepS - 1e-9);
  const b = waveSpeedMs / (GRAVITY_MS2 * area);
  const r = (frictionFactor * (lengthM / reaches)) / (2 * GRAVITY_MS2 * pipe.diameterM * area ** 2);
  const grid = gridOf(reaches);
  const { headM, flowM3s } = grid;
  for (let node = 0; node <= reaches; node += 1) {
    headM[node] = sourceHeadM - node * r * initialFlowM3s ** 2;
    flowM3s[node] = initialFlowM3s;
  }
  grid.highestM.set(headM);
  grid.lowestM.set(headM);
  const steadyM = headM[reaches] as number;
  const valveHeadM = new Float64Array(steps + 1);
  const valveFlowM3s = new Float64Array(steps + 1);
  valveHeadM[0] = steadyM;
  valveFlowM3s[0] = initialFlowM3s;
  const cushion = arrester && arresterHeadM(arrester, steadyM, stepS);
  let boilsAtValve = false;

  for (let step = 1; step <= steps; step += 1) {
    const first = flowM3s[1] as number;
    const backM = (headM[1] as number) - b * first + r * first * Math.abs(first);
    const fromBehind = grid.step(b, r, vapourHeadM);
    flowM3s[0] = (sourceHeadM - backM) / b;

    const tau = closing(step * stepS);
    const cv = steadyM > 0 ? (tau * initialFlowM3s) ** 2 / (2 * steadyM) : 0;
    let here: number;
    let out: number;
    if (cushion) {
      here = cushion(fromBehind, b, cv);
      out = here <= 0 ? 0 : Math.sqrt(2 * cv * here);
      flowM3s[reaches] = (fromBehind - here) / b;
    } else {
      out = fromBehind <= 0 ? 0 : Math.sqrt((b * cv) ** 2 + 2 * cv * fromBehind) - b * cv;
      here = fromBehind - b * out;
      flowM3s[reaches] = out;
    }
    if (here < vapourHeadM) {
      boilsAtValve = true;
      here = vapourHeadM;
    }
    headM[reaches] = here;
    if (here > (grid.highestM[reaches] as number)) grid.highestM[reaches] = here;
    if (here < (grid.lowestM[reaches] as number)) grid.lowestM[reaches] = here;
    valveHeadM[step] = here;
    valveFlowM3s[step] = out;
    watch?.(step, headM);
  }
  return {
    stepS,
    steps,
    valveHeadM,
    valveFlowM3s,
    highestM: grid.highestM.slice(),
    lowestM: grid.lowestM.slice(),
    cavitates: boilsAtValve || grid.hasCavitated(),
  };
}
