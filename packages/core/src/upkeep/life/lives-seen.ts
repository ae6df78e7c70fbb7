import type { ValveType } from '../../ground/valves/index.js';
import { yearsBetween } from '../../judgement/walk/index.js';
import type { LifeSeen } from './own-lives.js';

/** Something that was written at a valve, as far as it says how long valves last. */
export interface LifeEvent {
  /** ISO. */
  at: string;
  /** Another valve was put in. */
  replaced?: boolean;
  /** It does not turn or does not hold. */
  fails?: boolean;
  /** It was seen to work. */
  works?: boolean;
}

/**
 * What the log of a position says on how long its valves lasted. A failure counts at the age it was first written down; what still works counts at
 * the age it was last seen to work. Before the day a valve is known to have been put in nothing is known of its age.
 *
 * @param type   of the valves there
 * @param since  day the first was put in, ISO; left out where nobody knows
 * @param events in any order
 * @param factor of the place, as in {@link LifeSeen}
 * @returns one a valve whose age is known
 *
 * @example
 * livesSeen('ball', '2010-01-01', [{ at: '2020-01-01', fails: true }], 1) // [{ type: 'ball', ageYears: 10, failed: true, factor: 1 }]
 */
export function livesSeen(
  type: ValveType,
  since: string | undefined,
  events: readonly LifeEvent[],
  factor: number,
): LifeSeen[] {
  const seen: LifeSeen[] = [];
  let putIn = since;
  let last: { at: string; failed: boolean } | undefined;
  const close = (): void => {
    if (putIn !== undefined && last !== undefined && last.at > putIn)
      seen.push({ type, ageYears: yearsBetween(putIn, last.at), failed: last.failed, factor });
    last = undefined;
  };
  for (const { at, replaced, fails, works } of [...events].sort((a, b) => (a.at < b.at ? -1 : 1))) {
    if (replaced) {
      close();
      putIn = at;
    } else if (fails) {
      if (!last?.failed) last = { at, failed: true };
    } else if (works && !last?.failed) last = { at, failed: false };
  }
  close();
  return seen;
}
