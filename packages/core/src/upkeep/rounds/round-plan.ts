import type { ValveType } from '../../ground/valves/index.js';
import { valveTypeFacts } from '../../ground/valves/index.js';
import { TURNING_TASKS, type Task } from '../../judgement/log/index.js';
import type { PLACES } from '../../judgement/selection/index.js';
import { dayAfter } from './calendar-day.js';

type Place = (typeof PLACES)[number];

/** Minutes a task usually takes at a small valve. Source: practice; a company learns its own. */
const TASK_MINUTES: Readonly<Record<Task, number>> = {
  'fire-look': 3,
  'fire-exercise': 20,
  exercise: 8,
  'gas-leak': 10,
  lubricate: 10,
  packing: 15,
  'look-inside': 45,
  'count-starts': 5,
  'reducer-check': 15,
  strainer: 20,
  lift: 5,
  cycle: 5,
  'seat-adjust': 30,
};
/** Minutes a turn of a large valve takes beyond those of a small one. */
const MINUTES_AN_INCH = 4;
const MM_AN_INCH = 25;
const SMALL_DN = 50;
/** To get there, open what covers it, and close it again. */
const AT_PLACE_MINUTES: Readonly<Record<Place, number>> = {
  indoors: 4,
  outdoors: 6,
  concealed: 8,
  buried: 12,
  pit: 20,
};

/** One stop of a round: a position with what is done there. */
export interface RoundStop {
  type: ValveType;
  dn: number;
  place?: Place | undefined;
  tasks: readonly Task[];
}

/**
 * Whole minutes a stop of a round takes.
 *
 * @example
 * stopMinutes({ type: 'gate-resilient', dn: 300, place: 'buried', tasks: ['exercise'] }) // 60
 */
export function stopMinutes({ type, dn, place = 'indoors', tasks }: RoundStop): number {
  const isTurned = valveTypeFacts(type).strokes === 'many';
  const inches = Math.max(0, dn - SMALL_DN) / MM_AN_INCH;
  const minutes = tasks.reduce(
    (sum, task) =>
      sum + TASK_MINUTES[task] + (isTurned && TURNING_TASKS.includes(task) ? inches * MINUTES_AN_INCH : 0),
    AT_PLACE_MINUTES[place],
  );
  return Math.round(minutes);
}

/**
 * Why a stop takes two people; undefined where one is enough.
 *
 * @example
 * twoPeople('pit') // 'Pit or vault: confined space...'
 */
export function twoPeople(place: Place | undefined): string | undefined {
  if (place === 'pit')
    return 'Pit or vault: confined space. Two people, test the air, by the rules of the site.';
  return place === 'buried'
    ? 'Box in the ground or road: two people, cones out where there is traffic. Lift the lid with a hook.'
    : undefined;
}

/** A stop with when its turn is. */
export interface PlannedStop {
  /** From 0. */
  day: number;
  /** `YYYY-MM-DD`. */
  on: string;
  /** Minutes after the start of that day. */
  fromMin: number;
  minutes: number;
}

export interface RoundDays {
  startsOn: string;
  hoursADay: number;
}

const isWeekend = (day: string): boolean => [0, 6].includes(new Date(day).getUTCDay());

/** The day itself, or the Monday after it. */
function workingDay(day: string): string {
  let found = day;
  while (isWeekend(found)) found = dayAfter(found, { days: 1 });
  return found;
}

/**
 * Shares the stops of a round out over working days, in their order: a day ends where the next stop would not end within its hours. A stop longer than
 * a day has one for itself.
 *
 * @param minutes of each stop, in the order they are walked
 * @param days    the first day, `YYYY-MM-DD`, and the hours of each
 *
 * @example
 * planDays([40, 30], { startsOn: '2026-11-28', hoursADay: 1 }).map(({ on }) => on) // ['2026-11-30', '2026-12-01']
 */
export function planDays(minutes: readonly number[], { startsOn, hoursADay }: RoundDays): PlannedStop[] {
  const most = hoursADay * 60;
  let [day, on, used] = [0, workingDay(startsOn), 0];
  return minutes.map((needed) => {
    if (used > 0 && used + needed > most)
      [day, on, used] = [day + 1, workingDay(dayAfter(on, { days: 1 })), 0];
    const stop = { day, on, fromMin: used, minutes: needed };
    used += needed;
    return stop;
  });
}
