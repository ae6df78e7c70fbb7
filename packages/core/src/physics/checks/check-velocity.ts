import { InvalidInput } from '../../ground/input/index.js';
import { pipeVelocityMs } from '../loss/index.js';
import { PIPE_TABLES } from '../../ground/pipes/index.js';
import { type CheckType, leastVelocityMs } from './least-velocity.js';

export interface CheckVelocityInput {
  checkType: CheckType;
  /** Bore of the pipe, m. */
  diameterM: number;
  flowM3s: number;
  densityKgM3: number;
  /** A swing check whose flapper lifts clear of the stream. */
  clearWay?: boolean | undefined;
}

export interface CheckVelocity {
  velocityMs: number;
  /** What it takes to hold the disc fully open. */
  minimumMs: number;
  fullyOpen: boolean;
  /** Largest standard size the flow holds fully open, where it does not hold this one. */
  suggestedDn?: number;
}

/**
 * Whether the flow holds a check fully open, and the size in which it would.
 *
 * @param given kind, bore m > 0, flow m3/s >= 0, density kg/m3 > 0
 * @returns velocities m/s; a size by its schedule 40 bore, left out where even the smallest is too large
 * @throws InvalidInput where clearWay is said of anything but a swing check
 * Source: the least velocity of leastVelocityMs; sizes of ASME B36.10.
 *
 * @example
 * checkVelocity({ checkType: 'check-swing', diameterM: 0.10226, flowM3s: 0.005, densityKgM3: 998.2 })
 * // { velocityMs: 0.609, minimumMs: 1.361, fullyOpen: false, suggestedDn: 65 }
 */
export function checkVelocity(given: CheckVelocityInput): CheckVelocity {
  const { checkType, diameterM, flowM3s, densityKgM3, clearWay } = given;
  if (clearWay !== undefined && checkType !== 'check-swing')
    throw new InvalidInput('clearWay', `clearWay belongs to check-swing, not to ${checkType}.`);
  const minimumMs = leastVelocityMs(checkType, densityKgM3, clearWay);
  const velocityMs = pipeVelocityMs(flowM3s, diameterM);
  const fullyOpen = velocityMs >= minimumMs;
  const suggestedDn = fullyOpen
    ? undefined
    : PIPE_TABLES['steel-40'].sizes.findLast(({ insideM }) => pipeVelocityMs(flowM3s, insideM) >= minimumMs)
        ?.dn;
  return { velocityMs, minimumMs, fullyOpen, ...(suggestedDn !== undefined && { suggestedDn }) };
}
