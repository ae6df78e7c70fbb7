import type { ValveType } from '../../ground/valves/index.js';

/** The check valves, as a calculation takes them. */
export const CHECK_TYPES = [
  'check-swing',
  'check-swing-spring',
  'check-swing-weighted',
  'check-spring-inline',
  'check-lift-horizontal',
  'check-lift-vertical',
  'check-ball',
  'check-dual-plate',
  'check-tilting',
] as const satisfies readonly ValveType[];
export type CheckType = (typeof CHECK_TYPES)[number];

/**
 * j of v = j sqrt(1/rho), v in m/s, rho in kg/m3. Swing, tilting and lift checks: Crane TP-410, turned from sqrt(specific volume) in ft and lb to SI;
 * the others are generic figures of the same form for their springs and weights.
 */
const LIFT_FACTOR: Readonly<Record<CheckType, number>> = {
  'check-swing': 43,
  'check-swing-spring': 73,
  'check-swing-weighted': 60,
  'check-spring-inline': 110,
  'check-lift-horizontal': 49,
  'check-lift-vertical': 171,
  'check-ball': 60,
  'check-dual-plate': 90,
  'check-tilting': 98,
};
const CLEAR_WAY_FACTOR = 73;

/**
 * Least velocity at which the flow holds a check fully open; below it the disc chatters and wears.
 *
 * @param checkType   kind of check
 * @param densityKgM3 of what flows, > 0
 * @param clearWay    a swing check whose flapper lifts clear of the stream
 * @returns m/s in the pipe
 * Source: v = j sqrt(1/rho), see LIFT_FACTOR.
 *
 * @example
 * leastVelocityMs('check-swing', 1000) // 1.36
 */
export function leastVelocityMs(checkType: CheckType, densityKgM3: number, clearWay = false): number {
  return (clearWay ? CLEAR_WAY_FACTOR : LIFT_FACTOR[checkType]) / Math.sqrt(densityKgM3);
}
