import type { ValveType } from '../../ground/valves/index.js';
import { yearsBetween } from '../../judgement/walk/index.js';
import type { LifeSeen } from './own-lives.js';

/** Something that was written at a valve, as far as it says how long valves last. */
export interface LifeEvent {
  /** ISO. */
  at: string;
  /** Type of the valve that was found. */
  type?: ValveType;
  /** Another valve was put in. */
  replaced?: boolean;
  /** It does not turn or does not hold. */
  fails?: boolean;
  /** It was seen to work. */
  works?: boolean;
}

/**
 * What the log of a position says on how long its valves lasted. A failure counts at the age it was first written down; what still works counts at
 * the age it was last seen to work. Before the day a valve is known to have been put in nothing is known of its age, and one whose type nobody
 * wrote down counts for none.
 *
 * @param events   in any order
 * @param now      type of the valve that stands there now
 * @param factorOf of the place on a type, as in {@link LifeSeen}
 * @returns one a valve whose age and type are known
 *
 * @example
 * livesSeen([{ at: '2010-01-01', replaced: true }, { at: '2020-01-01', fails: true }], 'ball', () => 1) // [{ type: 'ball', ageYears: 10, failed: true, factor: 1 }]
 */
export function livesSeen(
  events: readonly LifeEvent[],
  now: ValveType,
  factorOf: (type: ValveType) => number,
): LifeSeen[] {
  return livesOfPlace(events).flatMap(({ putIn, type, last }, at, { length }): LifeSeen[] => {
    const known = type ?? (at === length - 1 ? now : undefined);
    if (putIn === undefined || known === undefined || !last || last.at <= putIn) return [];
    return [
      { type: known, ageYears: yearsBetween(putIn, last.at), failed: last.failed, factor: factorOf(known) },
    ];
  });
}

/** One valve after the other at a place: when it was put in, what it was, and what was last known of it. */
interface PlaceLife {
  putIn?: string;
  type?: ValveType;
  last?: { at: string; failed: boolean };
}

function livesOfPlace(events: readonly LifeEvent[]): PlaceLife[] {
  let life: PlaceLife = {};
  const lives = [life];
  for (const { at, type, replaced, fails, works } of [...events].sort((a, b) => (a.at < b.at ? -1 : 1))) {
    if (replaced) {
      life = { putIn: at };
      lives.push(life);
    }
    if (type !== undefined) life.type = type;
    if (life.last?.failed) continue;
    if (fails) life.last = { at, failed: true };
    else if (works) life.last = { at, failed: false };
  }
  return lives;
}
