import { type Task, TASKS } from '../../judgement/log/index.js';
import {
  InvalidInput,
  type RecordOf,
  choice,
  number,
  optional,
  record,
  text,
} from '../../ground/input/index.js';
import type { Interval } from './calendar-day.js';

/** Where an interval was set; the nearer to the valve, the more it counts. */
export const SET_BY = ['company', 'job', 'position'] as const;
export type SetBy = (typeof SET_BY)[number];

const everyInput = record({
  months: optional(number({ integer: true, min: 1, max: 240 })),
  days: optional(number({ integer: true, min: 1, max: 3650 })),
});

const ownIntervalFields = {
  task: choice(TASKS),
  every: optional(everyInput),
  because: text(300, 'why it is not the usual interval'),
};

/** An interval as somebody sets it: `every` left out means that it is not done at all. */
export const ownIntervalInput = record(ownIntervalFields);
export type SetInterval = RecordOf<typeof ownIntervalFields>;

export interface OwnInterval {
  /** Null: it is not done. */
  every: Interval | null;
  because: string;
  setBy: SetBy;
}
export type OwnIntervals = Partial<Record<Task, OwnInterval>>;

/**
 * Reads an interval that somebody sets.
 *
 * @throws InvalidInput where both or neither of months and days are given, or no reason
 *
 * @example
 * readInterval({ task: 'exercise', every: { months: 6 }, because: 'hard water' }) // { months: 6 }
 */
export function readInterval({ every, because }: SetInterval): Interval | null {
  if (because.trim() === '')
    throw new InvalidInput(
      'interval.because',
      'interval.because is empty: say why the interval is not the usual one.',
    );
  if (!every) return null;
  const { months, days } = every;
  if (months !== undefined && days === undefined) return { months };
  if (days !== undefined && months === undefined) return { days };
  throw new InvalidInput(
    'interval.every',
    'interval.every must have either months or days, like {"months": 6}.',
  );
}

/**
 * The intervals that count at a valve: its own before the job's before the company's.
 *
 * @param set in any order
 *
 * @example
 * intervalsThatCount([{ task: 'exercise', every: { months: 6 }, because: 'hard water', setBy: 'company' }]).exercise?.setBy // 'company'
 */
export function intervalsThatCount(set: readonly (OwnInterval & { task: Task })[]): OwnIntervals {
  const nearestLast = [...set].sort((a, b) => SET_BY.indexOf(a.setBy) - SET_BY.indexOf(b.setBy));
  return Object.fromEntries(nearestLast.map(({ task, ...interval }) => [task, interval]));
}

const EACH: Readonly<Record<string, Interval>> = {
  day: { days: 1 },
  week: { days: 7 },
  month: { months: 1 },
  year: { months: 12 },
  día: { days: 1 },
  dia: { days: 1 },
  semana: { days: 7 },
  mes: { months: 1 },
  año: { months: 12 },
};
const TYPED = /^(?:(?:every|cada)\s+)?(\d+)?\s*(day|week|month|year|d[ií]a|semana|mes|año)(?:e?s)?$/i;

/**
 * Reads an interval as people type it.
 *
 * @returns null where it is never done
 * @throws InvalidInput where it cannot be read
 *
 * @example
 * parseInterval('2 years') // { months: 24 }
 */
export function parseInterval(typed: string): Interval | null {
  const clean = typed.trim();
  if (/^(?:never|nunca)$/i.test(clean)) return null;
  const [, count, unit = ''] = TYPED.exec(clean) ?? [];
  const times = Number(count ?? 1);
  const each = EACH[unit.toLowerCase()];
  if (!each || times < 1)
    throw new InvalidInput(
      'interval',
      `interval is "${clean}": write it like 6 months, 7 days, 1 year or never.`,
    );
  return 'days' in each ? { days: each.days * times } : { months: each.months * times };
}
