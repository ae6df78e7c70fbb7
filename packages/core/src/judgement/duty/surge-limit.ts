import { rateAssembly } from './assembly.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';

/**
 * The pressure that a relief, or a closing, may reach at a valve: what the weakest part of valve and joints carries.
 *
 * @returns Pa gauge: as the duty gives it, else what the weakest part of valve and joints carries; undefined where neither is known
 *
 * @example
 * surgeLimitPa({ surgeLimitPa: 1e6, ... }, { type: 'ball' }) // 1e6
 */
export const surgeLimitPa = (duty: Duty, valve: Candidate): number | undefined =>
  duty.surgeLimitPa ?? rateAssembly(duty, valve).allowablePa;

/**
 * The pressure that a closing may reach: of the valve, and of the weakest other part that its wave runs into.
 *
 * @returns Pa gauge: as the duty gives it, else the lower of the valve’s own and of the line’s; undefined where none is known
 * Source: the column stopped by a valve presses on everything upstream of it.
 *
 * @example
 * closingLimitPa({ lineLimitPa: 861845, ... }, { type: 'ball', ratingId: 'body-brass-600cwp' }) // 861845
 */
export function closingLimitPa(duty: Duty, valve: Candidate): number | undefined {
  const own = surgeLimitPa(duty, valve);
  if (duty.surgeLimitPa !== undefined || duty.lineLimitPa === undefined) return own;
  return Math.min(duty.lineLimitPa, own ?? Infinity);
}
