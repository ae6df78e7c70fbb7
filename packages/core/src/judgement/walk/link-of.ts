import type { LinkKind, ValveState } from '../../physics/isolation/index.js';
import type { HouseRuleSettings } from '../selection/index.js';
import { type ValveFunction, isCheck } from '../../ground/valves/index.js';
import { type Condition, isPassing, yearsUnturned } from './condition.js';

const UNEXERCISED_YEARS = 3;

/** Whether a metal-wedge gate is left alone: seized, or not turned for over three years, by the house rule in force. */
export function isHandsOff(condition: Condition, settings: HouseRuleSettings, now: Date): boolean {
  if (condition.type !== 'gate-solid') return false;
  if (condition.turning === 'seized' || settings['old-gates'] === 'leave') return true;
  return (
    settings['old-gates'] === 'by-age' && (yearsUnturned(condition, now) ?? Infinity) > UNEXERCISED_YEARS
  );
}

/**
 * What a position is in a network, by what was found there: whether it can be relied on to shut.
 *
 * @param asked     the position's function, which tells a check where nobody looked yet
 * @param condition what is known of it
 *
 * @example
 * linkOf('isolate', { type: 'ball', turning: 'seized' }, houseRuleSettings(), new Date()) // { kind: 'valve', state: 'stuck-open' }
 */
export function linkOf(
  asked: ValveFunction,
  condition: Condition,
  settings: HouseRuleSettings,
  now: Date,
): { kind: LinkKind; state?: ValveState } {
  const { type, turning, standing } = condition;
  if (type === 'nothing') return { kind: 'pipe' };
  if (type === undefined ? asked === 'non-return' : isCheck(type)) return { kind: 'check' };
  if (turning === 'seized')
    return { kind: 'valve', state: standing === 'shut' ? 'stuck-closed' : 'stuck-open' };
  if (standing === 'shut') return { kind: 'valve', state: 'closed' };
  if (isPassing(condition)) return { kind: 'valve', state: 'leaks-by' };
  return { kind: 'valve', state: isHandsOff(condition, settings, now) ? 'do-not-touch' : 'works' };
}
