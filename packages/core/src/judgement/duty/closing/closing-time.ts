import { type Operator, isQuarterTurn, stemTurns, valveTypeFacts } from '../../../ground/valves/index.js';
import type { Candidate } from '../candidate.js';
import type { Duty } from '../duty.js';

/** How long a valve takes from open to closed; where that is not known, the fact to ask for and the fastest it could be. */
export type ClosingTime =
  | { timeS: number; isGiven: boolean }
  | { ask: 'operator' | 'closeTimeS'; fastestS: number };

/** A quarter turn by hand, s. */
const LEVER_S = 0.3;
const NOTCHED_S = 1;
/** One turn, s. */
const TURN_S = 1;
const LARGE_TURN_S = 2;
const LARGE_DN = 200;
const GEAR_TURNS = 20;
const LARGE_GEAR_TURNS = 40;

const POWERED: readonly Operator[] = ['electric', 'pneumatic', 'hydraulic'];
const GEARED: readonly Operator[] = ['gear', 'chain-wheel', 'handwheel'];

/**
 * How long a valve takes to close: as given for it, else for the position, else by what turns it.
 *
 * @param duty  nominal size; closureTimeS s where it is given
 * @param valve type, operator, closeTimeS s, turns
 * @returns undefined for what the flow or a spring closes
 * Source: a hand throws a lever in 0.3 s and turns a wheel once a second, a large one every two; gates have three turns an inch and two more.
 *
 * @example
 * closingTime({ ...duty, dn: 100 }, { type: 'gate-resilient', operator: 'handwheel' }) // { timeS: 14, isGiven: false }
 */
export function closingTime(
  duty: Pick<Duty, 'dn' | 'closureTimeS'>,
  valve: Candidate,
): ClosingTime | undefined {
  const { type, operator } = valve;
  if (valveTypeFacts(type).strokes === 'self' && type !== 'solenoid') return undefined;
  const given = valve.closeTimeS ?? duty.closureTimeS;
  if (given !== undefined) return { timeS: given, isGiven: true };
  if (type === 'solenoid' || (operator && POWERED.includes(operator)))
    return { ask: 'closeTimeS', fastestS: 0 };
  const isQuarter = isQuarterTurn(type);
  if (operator === 'gear' || (isQuarter && operator && GEARED.includes(operator)))
    return byTurns((valve.turns ?? (duty.dn <= LARGE_DN ? GEAR_TURNS : LARGE_GEAR_TURNS)) * TURN_S);
  if (!isQuarter)
    return byTurns((valve.turns ?? stemTurns(type, duty.dn)) * (duty.dn < LARGE_DN ? TURN_S : LARGE_TURN_S));
  if (operator === undefined) return { ask: 'operator', fastestS: LEVER_S };
  return byTurns(operator === 'notch-lever' ? NOTCHED_S : LEVER_S);
}

const byTurns = (timeS: number): ClosingTime => ({ timeS, isGiven: false });
