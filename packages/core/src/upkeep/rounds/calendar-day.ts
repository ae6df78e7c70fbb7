import { type Field, InvalidInput, shown } from '../../ground/input/index.js';

const DAY_MS = 24 * 3600 * 1000;
const WRITTEN = /^(\d{4})-(\d{2})-(\d{2})$/;

/** How long until a task is due again. */
export type Interval = { months: number } | { days: number };

/** A day of the calendar, written `YYYY-MM-DD`; one that does not exist is refused. */
export const calendarDay: Field<string> = {
  takes: 'a day that exists, written YYYY-MM-DD',
  schema: { type: 'string', format: 'date' },
  read(value, path) {
    if (typeof value === 'string' && isDay(value)) return value;
    throw new InvalidInput(path, `${path} must be ${calendarDay.takes}; it is ${shown(value)}.`);
  },
};

function isDay(text: string): boolean {
  const [, year, month, day] = (WRITTEN.exec(text) ?? []).map(Number);
  if (year === undefined || month === undefined || day === undefined) return false;
  return month >= 1 && month <= 12 && day >= 1 && day <= daysIn(year, month);
}

/** Days of a month, from 1. */
const daysIn = (year: number, month: number): number => new Date(Date.UTC(year, month, 0)).getUTCDate();

/**
 * A day and an interval later. Months are those of the calendar, the day cut to the last of the month.
 *
 * @param day written `YYYY-MM-DD`
 *
 * @example
 * dayAfter('2026-01-31', { months: 1 }) // '2026-02-28'
 */
export function dayAfter(day: string, interval: Interval): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  if ('days' in interval) return written(Date.UTC(year, month - 1, date) + interval.days * DAY_MS);
  const count = year * 12 + month - 1 + interval.months;
  const [inYear, inMonth] = [Math.floor(count / 12), (count % 12) + 1];
  return written(Date.UTC(inYear, inMonth - 1, Math.min(date, daysIn(inYear, inMonth))));
}

/**
 * Whole days from one day to another; below 0 where the other is earlier.
 *
 * @example
 * daysBetween('2026-02-27', '2026-03-01') // 2
 */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);

const written = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
