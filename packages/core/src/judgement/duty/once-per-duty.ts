import type { Duty } from './duty.js';

/**
 * Keeps what a duty alone decides, so that a catalogue of valves is judged against it without working it out for each. Forgotten with the duty,
 * which nobody changes in place.
 *
 * @param work pure; takes nothing but the duty
 *
 * @example
 * const bore = oncePerDuty((duty) => duty.dn / 1000); // computed at the first call for a duty, found at the next
 */
export function oncePerDuty<T>(work: (duty: Duty) => T): (duty: Duty) => T {
  const known = new WeakMap<Duty, { value: T }>();
  return (duty) => {
    let found = known.get(duty);
    if (!found) known.set(duty, (found = { value: work(duty) }));
    return found.value;
  };
}
