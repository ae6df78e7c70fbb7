import type { LinkKind, ValveState } from '../../physics/isolation/index.js';
import type { HouseRuleSettings } from '../selection/index.js';
import { type ValveFunction, isCheck } from '../../ground/valves/index.js';
import { type Condition, UNEXERCISED_YEARS, YEAR_MS, isPassing, isUnexercised } from './condition.js';

/** Whether a metal-wedge gate is left alone: seized, or not turned for over three years, by the house rule in force. */
export function isHandsOff(condition: Condition, settings: HouseRuleSettings, now: Date): boolean {
  if (condition.type !== 'gate-solid') return false;
  if (condition.turning === 'seized' || settings['old-gates'] === 'leave') return true;
  return settings['old-gates'] === 'by-age' && isUnexercised(condition, now);
}

/**
 * Since when valves stand as they do now, as far as only time passes: what holds at that moment holds until now, with the same conditions.
 *
 * @param conditions what is known of the valves
 * @param now        when it is asked
 * @returns when the last of them was turned, or had not been for over three years; 1970 where nobody wrote that one turned
 *
 * @example
 * standsSince([{ turnedAt: '2025-03-01' }], new Date('2026-11-30')) // 2025-03-01
 */
export function standsSince(conditions: readonly Condition[], now: Date): Date {
  const moments = conditions.flatMap(({ turnedAt }) => {
    if (turnedAt === undefined) return [];
    const turnedMs = Date.parse(turnedAt);
    return [turnedMs, turnedMs + UNEXERCISED_YEARS * YEAR_MS + 1];
  });
  return new Date(moments.reduce((last, at) => (at <= now.getTime() ? Math.max(last, at) : last), 0));
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
