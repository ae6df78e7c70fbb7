import { type Operator, type ValveType, stemTurns, valveTypeFacts } from '../../ground/valves/index.js';

/** A quarter turn, s. */
const QUARTER_S: Partial<Record<Operator, number>> = {
  lever: 0.15,
  tee: 0.2,
  'round-handle': 0.25,
  'loose-key': 0.4,
  'locking-lever': 0.3,
  'notch-lever': 0.4,
};
/** Whatever the valve, s. */
const DRIVEN_S: Partial<Record<Operator, number>> = { pneumatic: 1, hydraulic: 2, electric: 15 };
/** One turn, s. */
const TURN_S: Partial<Record<Operator, number>> = { handwheel: 0.5, 'operating-nut': 1.2, 'loose-key': 0.7 };
const GEAR_S_PER_DN = 0.1;
const CHAIN_SLOWER = 1.5;
const SOLENOID_S = 0.05;

/**
 * How quickly a valve is shut by somebody in a hurry.
 *
 * @param type     kind of valve
 * @param operator what turns it; a lever or a handwheel, by its strokes, where not known
 * @param dn       nominal size
 * @returns s from open to shut; undefined for what moves by itself, a solenoid aside
 * Source: our own generic figures: a hand snaps a lever in 0.15 s and turns a wheel twice a second; a gear takes a second for every 10 mm of size.
 *
 * @example
 * quickestClosingS('ball', 'lever', 25) // 0.15
 */
export function quickestClosingS(
  type: ValveType,
  operator: Operator | undefined,
  dn: number,
): number | undefined {
  if (type === 'solenoid') return SOLENOID_S;
  const { strokes } = valveTypeFacts(type);
  if (strokes === 'self') return undefined;
  const isQuarter = strokes === 'quarter';
  const by = operator ?? (isQuarter ? 'lever' : 'handwheel');
  if (by === 'gear') return GEAR_S_PER_DN * dn;
  if (by === 'chain-wheel') return CHAIN_SLOWER * GEAR_S_PER_DN * dn;
  return DRIVEN_S[by] ?? (isQuarter ? (QUARTER_S[by] ?? 1) : stemTurns(type, dn) * (TURN_S[by] ?? 0.5));
}
