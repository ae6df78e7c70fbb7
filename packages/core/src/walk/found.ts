import { type RecordOf, choice, flag, number, optional, record, text } from '../input/index.js';
import { VALVE_TYPES, isCheck } from '../valves/index.js';
import type { ValveFunction, ValveType } from '../valves/index.js';
import type { HouseSides } from '../selection/index.js';
import type { LinkKind, ValveState } from '../isolation/index.js';

export const TURNING = ['freely', 'stiff', 'seized', 'not-tried'] as const;
export const HOLDING = ['tight', 'weeps', 'passes', 'not-tried'] as const;
export const LEAKING = ['no', 'stem', 'body', 'joint', 'somewhere'] as const;
export const STANDING = ['open', 'shut'] as const;
/** What may be at a position; `nothing` where a valve should be and none is. */
export const FOUND_TYPES = [...VALVE_TYPES, 'nothing'] as const;

export const foundFields = {
  type: optional(choice(FOUND_TYPES)),
  marking: optional(text(200, 'what the tag or casting says')),
  turning: optional(choice(TURNING, 'does it turn')),
  holding: optional(choice(HOLDING, 'does it hold when shut')),
  leaking: optional(choice(LEAKING, 'does it leak outside')),
  turns: optional(number({ min: 0, max: 2000, meaning: 'counted from stop to stop' })),
  handleShows: optional(flag('the handle shows the truth')),
  standing: optional(choice(STANDING, 'how it was left')),
};

/** What somebody standing at a position found; what was not looked at is left out. */
export const foundInput = record(foundFields);
export type Found = RecordOf<typeof foundFields>;

/** What is known of a position from all that was written there: the last word on each fact. */
export interface Condition extends Found {
  /** When it was last known to turn, ISO. */
  turnedAt?: string;
  /** When anything was last found here, ISO, and by whom. */
  at?: string;
  by?: string;
}

/** One dated fact as the log keeps it. */
export interface Finding {
  happenedAt: string;
  by?: string;
  found: Found;
}

/**
 * The last word on each fact about a position.
 *
 * @param findings in any order; dates as ISO texts in UTC
 *
 * @example
 * conditionOf([{ happenedAt: '2020-05-01T00:00:00.000Z', found: { turning: 'freely' } }, { happenedAt: '2024-05-01T00:00:00.000Z', found: { turning: 'seized' } }])
 * // { turning: 'seized', turnedAt: '2020-05-01T00:00:00.000Z', at: '2024-05-01T00:00:00.000Z' }
 */
export function conditionOf(findings: readonly Finding[]): Condition {
  const condition: Condition = {};
  const oldestFirst = [...findings].sort((a, b) => (a.happenedAt < b.happenedAt ? -1 : 1));
  for (const { happenedAt, by, found } of oldestFirst) {
    Object.assign(condition, found, { at: happenedAt, ...(by !== undefined && { by }) });
    if (found.turning === 'freely' || found.turning === 'stiff') condition.turnedAt = happenedAt;
  }
  return condition;
}

const YEAR_MS = 365.25 * 24 * 3600 * 1000;
const UNEXERCISED_YEARS = 3;

/** Years since a valve was last known to turn; undefined where nobody ever wrote that it did. */
export function yearsUnturned({ turnedAt }: Condition, now: Date): number | undefined {
  return turnedAt === undefined ? undefined : (now.getTime() - new Date(turnedAt).getTime()) / YEAR_MS;
}

/** Whether a metal-wedge gate is left alone: seized, or not turned for over three years, by the house rule in force. */
export function isHandsOff(condition: Condition, sides: HouseSides, now: Date): boolean {
  if (condition.type !== 'gate-solid') return false;
  if (condition.turning === 'seized' || sides['old-gates'] === 'leave') return true;
  return sides['old-gates'] === 'by-age' && (yearsUnturned(condition, now) ?? Infinity) > UNEXERCISED_YEARS;
}

/**
 * What a position is in a network, by what was found there: whether it can be relied on to shut.
 *
 * @param asked     the position's function, which tells a check where nobody looked yet
 * @param condition what is known of it
 *
 * @example
 * linkOf('isolate', { type: 'ball', turning: 'seized' }, houseSides(), new Date()) // { kind: 'valve', state: 'stuck-open' }
 */
export function linkOf(
  asked: ValveFunction,
  condition: Condition,
  sides: HouseSides,
  now: Date,
): { kind: LinkKind; state?: ValveState } {
  const { type, turning, holding, standing } = condition;
  if (type === 'nothing') return { kind: 'pipe' };
  if (type === undefined ? asked === 'non-return' : isCheck(type)) return { kind: 'check' };
  if (turning === 'seized')
    return { kind: 'valve', state: standing === 'shut' ? 'stuck-closed' : 'stuck-open' };
  if (standing === 'shut') return { kind: 'valve', state: 'closed' };
  if (holding === 'passes' || holding === 'weeps') return { kind: 'valve', state: 'leaks-by' };
  return { kind: 'valve', state: isHandsOff(condition, sides, now) ? 'do-not-touch' : 'works' };
}

/** The type that stands there, if any does. */
export function typeFound({ type }: Condition): ValveType | undefined {
  return type === 'nothing' ? undefined : type;
}
