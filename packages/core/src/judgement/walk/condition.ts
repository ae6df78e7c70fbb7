import type { ValveType } from '../../ground/valves/index.js';
import type { Found } from './found.js';

/** What is known of a position from all that was written there: the last word on each fact. */
export interface Condition extends Found {
  /** When it was last known to turn, ISO. */
  turnedAt?: string;
  /** When anything was last found here, ISO, and by whom. */
  at?: string;
  by?: string;
  /** What was done last about something urgent, in words, and when, ISO. */
  dealt?: string;
  dealtAt?: string;
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

export const YEAR_MS = 365.25 * 24 * 3600 * 1000;

/** Years from one moment to a later one. @param from ISO @param to ISO */
export const yearsBetween = (from: string, to: string): number =>
  (Date.parse(to) - Date.parse(from)) / YEAR_MS;

/** Years since a valve was last known to turn; undefined where nobody ever wrote that it did. */
export function yearsUnturned({ turnedAt }: Condition, now: Date): number | undefined {
  return turnedAt === undefined ? undefined : yearsBetween(turnedAt, now.toISOString());
}

/** Not turned for longer than this, a metal-wedge gate may break when it is touched. */
export const UNEXERCISED_YEARS = 3;

/**
 * Whether nobody is known to have turned a valve for over three years: also where nobody ever wrote that it turned.
 *
 * @example
 * isUnexercised({ turnedAt: '2025-03-01' }, new Date('2026-11-30')) // false
 */
export const isUnexercised = (condition: Condition, now: Date): boolean =>
  (yearsUnturned(condition, now) ?? Infinity) > UNEXERCISED_YEARS;

/** Whether it is known to leak outside. */
export const isLeaking = ({ leaking }: Condition): boolean => leaking !== undefined && leaking !== 'no';

/** Whether it is known to let something by when it is shut. */
export const isPassing = ({ holding }: Condition): boolean => holding === 'passes' || holding === 'weeps';

/** The type that stands there, if any does. */
export function typeFound({ type }: Condition): ValveType | undefined {
  return type === 'nothing' ? undefined : type;
}
