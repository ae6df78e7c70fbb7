import { type Duty, movingColumn } from '../selection/index.js';
import { hammerRisePa } from '../../physics/surge/index.js';

export interface HammerCurve {
  /** Closing times up to which the full hammer comes, s: 2L/a. */
  reflectedS: number;
  points: { timeS: number; peakPa: number }[];
}

const STEPS = 48;
/** The curve is shown until the rise is down to this share of the full one. */
const SHOWN_TO = 1 / 8;

/**
 * Highest pressure at a valve against the time it is closed in, for a column that is stopped evenly.
 *
 * @param duty pressure Pa gauge, flow m3/s, pipe with its pipe length upstream to the first large volume
 * @returns undefined where the moving column is not known, or nothing moves
 * Source: Joukowsky rho a v up to 2L/a; beyond, Michaud's 2 rho L v / t.
 *
 * @example
 * hammerCurve({ ...duty, pressurePa: 5e5 })?.points[0] // { timeS: 0, peakPa: 5e5 + rho a v }
 */
export function hammerCurve(duty: Duty): HammerCurve | undefined {
  const column = movingColumn(duty);
  if (!column || column.velocityMs === 0 || column.lengthM === 0) return undefined;
  const reflectedS = (2 * column.lengthM) / column.waveSpeedMs;
  const points = Array.from({ length: STEPS + 1 }, (_, step) => {
    const timeS = (step / STEPS) * (reflectedS / SHOWN_TO);
    return { timeS, peakPa: duty.pressurePa + hammerRisePa(column, timeS) };
  });
  return { reflectedS, points };
}
