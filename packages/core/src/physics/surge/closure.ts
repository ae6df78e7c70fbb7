import { type CharacteristicName, relativeKv } from '../../ground/valves/index.js';
import type { Closing } from './transient.js';

export const CLOSURE_LAWS = [
  'instant',
  'linear',
  'ball',
  'butterfly',
  'gate',
  'globe-linear',
  'plug-eccentric',
] as const;
export type ClosureLaw = (typeof CLOSURE_LAWS)[number];

/** How a valve at the end of a pipe is shut. */
export interface Closure {
  law: ClosureLaw;
  /** From open to shut, s; nothing where it is instant. */
  timeS: number;
  startS: number;
}

/**
 * Effective opening of a closing valve, of what it was before.
 *
 * @param closure law and times, s
 * @param timeS   since the beginning, s
 * @returns 1 open to 0 shut; 1 at the beginning, whatever the law
 *
 * @example
 * effectiveOpening({ law: 'linear', timeS: 2, startS: 1 }, 2) // 0.5
 */
export function effectiveOpening({ law, timeS: lasts, startS }: Closure, timeS: number): number {
  if (timeS === 0) return 1;
  if (law === 'instant' || lasts === 0) return timeS >= startS ? 0 : 1;
  const shut = Math.min(1, Math.max(0, (timeS - startS) / lasts));
  return law === 'linear' ? 1 - shut : relativeKv(law satisfies CharacteristicName, 1 - shut);
}

/** Where somebody's handle stood, at a time in s since they took hold of it. */
export interface HandlePoint {
  timeS: number;
  /** 0 shut to 1 open. */
  opening: number;
}

/**
 * A closing as somebody's hand made it: the handle between the points where it was seen, and where it was left after the last.
 *
 * @param points    rising in time, at least one
 * @param effective effective opening at an opening of the handle
 * @returns the effective opening at a time, of that at the first point
 *
 * @example
 * handClosing([{ timeS: 0, opening: 1 }, { timeS: 2, opening: 0 }], (opening) => opening)(1) // 0.5
 */
export function handClosing(points: readonly HandlePoint[], effective: (opening: number) => number): Closing {
  const whole = effective(points[0]?.opening ?? 1) || 1;
  let at = 0;
  return (timeS) => {
    if (timeS < (points[at]?.timeS ?? 0)) at = 0;
    while ((points[at + 1]?.timeS ?? Infinity) <= timeS) at += 1;
    const from = points[at];
    const to = points[at + 1];
    const part = from && to ? Math.max(0, (timeS - from.timeS) / (to.timeS - from.timeS)) : 0;
    const opening = (from?.opening ?? 1) + part * ((to?.opening ?? 0) - (from?.opening ?? 1));
    return effective(to ? opening : (from?.opening ?? 1)) / whole;
  };
}
