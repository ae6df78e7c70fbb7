import { type CharacteristicName, relativeKv } from '../valves/index.js';

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
