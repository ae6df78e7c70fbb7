import { GRAVITY_MS2 } from '../media/index.js';
import { type Closure, effectiveOpening } from './closure.js';

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
 * @param closure how the valve is shut
 * @param lastS   how long it is followed, s
 * @returns heads at the valve, extremes along the pipe; heads under boiling are held at boiling, the computed flow is kept
 * Source: Wylie and Streeter, Fluid Transients: C+ and C- with B = a/(gA), R = f dx/(2 g D A^2); Q_valve = tau Q0 sqrt(H/H0).
 *
 * @example
 * transient(pipe, { law: 'instant', timeS: 0, startS: 0 }, 1).valveHeadM[1] // the head after the valve snapped shut
 */
export function transient(pipe: TransientPipe, closure: Closure, lastS: number): Transient {
  const {
    lengthM,
    diameterM,
    frictionFactor,
    waveSpeedMs,
    sourceHeadM,
    initialFlowM3s,
    reaches,
    vapourHeadM,
  } = pipe;
  const area = (Math.PI / 4) * diameterM ** 2;
  const stepS = lengthM / reaches / waveSpeedMs;
  const steps = Math.ceil(lastS / stepS - 1e-9);
  const b = waveSpeedMs / (GRAVITY_MS2 * area);
  const r = (frictionFactor * (lengthM / reaches)) / (2 * GRAVITY_MS2 * diameterM * area ** 2);
  let head = new Float64Array(reaches + 1);
  let flow = new Float64Array(reaches + 1).fill(initialFlowM3s);
  for (let node = 0; node <= reaches; node += 1) head[node] = sourceHeadM - node * r * initialFlowM3s ** 2;
  let nextHead = new Float64Array(reaches + 1);
  let nextFlow = new Float64Array(reaches + 1);
  const steadyM = head[reaches] as number;
  const highestM = Float64Array.from(head);
  const lowestM = Float64Array.from(head);
  const valveHeadM = new Float64Array(steps + 1);
  const valveFlowM3s = new Float64Array(steps + 1);
  valveHeadM[0] = steadyM;
  valveFlowM3s[0] = initialFlowM3s;
  let cavitates = false;

  for (let step = 1; step <= steps; step += 1) {
    for (let node = 1; node < reaches; node += 1) {
      const qa = flow[node - 1] as number;
      const qb = flow[node + 1] as number;
      const plus = (head[node - 1] as number) + b * qa - r * qa * Math.abs(qa);
      const minus = (head[node + 1] as number) - b * qb + r * qb * Math.abs(qb);
      nextHead[node] = 0.5 * (plus + minus);
      nextFlow[node] = (plus - minus) / (2 * b);
    }
    const first = flow[1] as number;
    nextHead[0] = sourceHeadM;
    nextFlow[0] = (sourceHeadM - ((head[1] as number) - b * first + r * first * Math.abs(first))) / b;

    const before = flow[reaches - 1] as number;
    const plus = (head[reaches - 1] as number) + b * before - r * before * Math.abs(before);
    const tau = effectiveOpening(closure, step * stepS);
    const cv = steadyM > 0 ? (tau * initialFlowM3s) ** 2 / (2 * steadyM) : 0;
    const out = plus <= 0 ? 0 : Math.sqrt((b * cv) ** 2 + 2 * cv * plus) - b * cv;
    nextFlow[reaches] = out;
    nextHead[reaches] = plus - b * out;

    for (let node = 0; node <= reaches; node += 1) {
      let here = nextHead[node] as number;
      if (here < vapourHeadM) {
        cavitates = true;
        here = nextHead[node] = vapourHeadM;
      }
      if (here > (highestM[node] as number)) highestM[node] = here;
      if (here < (lowestM[node] as number)) lowestM[node] = here;
    }
    valveHeadM[step] = nextHead[reaches] as number;
    valveFlowM3s[step] = out;
    [head, nextHead] = [nextHead, head];
    [flow, nextFlow] = [nextFlow, flow];
  }
  return { stepS, steps, valveHeadM, valveFlowM3s, highestM, lowestM, cavitates };
}
