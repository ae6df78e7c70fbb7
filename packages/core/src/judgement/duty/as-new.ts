import type { Duty } from './duty.js';
import { oncePerDuty } from './once-per-duty.js';

/**
 * The duty as a valve that is still to be bought meets it: that another is in the wall already says nothing of the new one.
 *
 * @returns the same duty for the same duty, so that what it decides is worked out once
 *
 * @example
 * asNew({ ...duty, existing: true }).existing // undefined
 */
export const asNew = oncePerDuty((duty): Duty => {
  if (duty.existing === undefined) return duty;
  const { existing: _existing, ...asked } = duty;
  return asked;
});
