import { type Duty, closingLaw, closingLine, closingPeakPa } from '../selection/index.js';
import type { ValveType } from '../../ground/valves/index.js';

export interface HammerCurve {
  /** Closing times up to which the full hammer comes, s: 2L/a. */
  reflectedS: number;
  points: { timeS: number; peakPa: number }[];
}

const STEPS = 32;
/** The curve is shown up to so many reflections. */
const SHOWN_TO = 16;

/**
 * Highest pressure at a valve against the time it is closed in.
 *
 * @param duty pressure Pa gauge, flow m3/s, pipe with its pipe length upstream to the first large volume
 * @param type decides how the opening falls while its handle moves evenly
 * @returns undefined where the moving column is not known, or nothing moves
 * Source: the simulation that the rules judge a closing by.
 *
 * @example
 * hammerCurve({ ...duty, pressurePa: 5e5 }, 'ball')?.points[0] // { timeS: 0, peakPa: 5e5 + rho a v }
 */
export function hammerCurve(duty: Duty, type: ValveType): HammerCurve | undefined {
  const line = closingLine(duty);
  if (!line || 'missing' in line) return undefined;
  const points = Array.from({ length: STEPS + 1 }, (_, step) => {
    const timeS = (step / STEPS) ** 2 * SHOWN_TO * line.criticalS;
    return { timeS, peakPa: closingPeakPa(line, closingLaw(type), timeS) };
  });
  return { reflectedS: line.criticalS, points };
}
