import type { HouseRule, HouseRuleSettings } from '../../judgement/selection/index.js';
import { houseRuleSettings } from '../../judgement/selection/index.js';
import { type Interval, dayAfter, daysBetween } from './calendar-day.js';
import type { Task } from '../../judgement/log/index.js';
import { INTERVAL_TABLE, type KeptValve } from './interval-table.js';
import type { OwnIntervals, SetBy } from './own-intervals.js';

/** That a task was done, and on which day. */
export interface TaskDone {
  task: Task;
  /** `YYYY-MM-DD`. */
  on: string;
}

export interface NextDueCase extends KeptValve {
  houseRules?: Partial<HouseRuleSettings> | undefined;
  /** `YYYY-MM-DD`. */
  installedOn?: string | undefined;
  done?: readonly TaskDone[] | undefined;
  /** Intervals that were set in place of those of the table. */
  own?: OwnIntervals | undefined;
  /** The day it is asked, `YYYY-MM-DD`. */
  asOf: string;
}

export interface DueTask {
  task: Task;
  every: Interval;
  /** `YYYY-MM-DD`. */
  dueOn: string;
  /** Whole days past; 0 where it is not due yet. */
  overdueDays: number;
  why: string;
  /** Where the interval was set; left out where it is the table's. */
  setBy?: SetBy;
}

/** What is not done at a valve because of a house rule. */
export interface LeftAlone {
  task: Task;
  houseRule: HouseRule;
  why: string;
}

/**
 * What is to be done at a valve, and when next.
 *
 * @param given the valve, the day it was installed, what was done when, and the day it is asked
 * @returns tasks by the day they are due, then by name; due today where neither is known
 * Source: the interval table.
 *
 * @example
 * nextDue({ type: 'gate-resilient', medium: 'potable-cold', function: 'isolate', dn: 100, installedOn: '2024-05-31', asOf: '2026-11-28' }).tasks
 * // [{ task: 'exercise', every: { months: 12 }, dueOn: '2025-05-31', overdueDays: 546, why: '...' }]
 */
export function nextDue({ houseRules, installedOn, done = [], own = {}, asOf, ...valve }: NextDueCase): {
  tasks: DueTask[];
} {
  const tasks = rowsOf(valve, houseRuleSettings(houseRules)).flatMap((row): DueTask[] => {
    const { task } = row;
    const { every, because: why, setBy } = own[task] ?? { every: row.every, because: row.why };
    if (!every) return [];
    const days = done.flatMap((one) => (one.task === task ? [one.on] : [])).sort();
    const last = days[days.length - 1] ?? installedOn;
    const dueOn = last === undefined ? asOf : dayAfter(last, every);
    return [
      {
        task,
        every,
        dueOn,
        overdueDays: Math.max(0, daysBetween(dueOn, asOf)),
        why,
        ...(setBy && { setBy }),
      },
    ];
  });
  return {
    tasks: tasks.sort((a, b) => (a.dueOn === b.dueOn ? order(a.task, b.task) : order(a.dueOn, b.dueOn))),
  };
}

/**
 * What a house rule keeps from being done at a valve.
 *
 * @example
 * leftAlone({ type: 'gate-solid', medium: 'potable-cold', function: 'isolate', dn: 25 }, houseRuleSettings({ 'old-gates': 'leave' }))[0]?.task // 'exercise'
 */
export const leftAlone = (valve: KeptValve, settings: HouseRuleSettings): LeftAlone[] =>
  rowsOf(valve, settings).flatMap(({ task, every, houseRule, why }) =>
    every || !houseRule ? [] : [{ task, houseRule, why }],
  );

/** The first row of each task that fits. */
function rowsOf(valve: KeptValve, settings: HouseRuleSettings): (typeof INTERVAL_TABLE)[number][] {
  const known = new Set<Task>();
  return INTERVAL_TABLE.filter(({ task, is }) => {
    if (known.has(task) || !is(valve, settings)) return false;
    known.add(task);
    return true;
  });
}

const order = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
