import { rateAssembly } from './assembly.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';

/**
 * The pressure that a closing, or a relief, may reach at a valve: what the weakest part on the line carries.
 *
 * @returns Pa gauge: as the duty gives it, else what the weakest part of valve and joints carries; undefined where neither is known
 *
 * @example
 * surgeLimitPa({ surgeLimitPa: 1e6, ... }, { type: 'ball' }) // 1e6
 */
export const surgeLimitPa = (duty: Duty, valve: Candidate): number | undefined =>
  duty.surgeLimitPa ?? rateAssembly(duty, valve).allowablePa;
