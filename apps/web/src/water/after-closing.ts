import { type Medium, MEDIUM_FACTS } from '@grevik/core';

/** What to do in an emergency, by what is coming out: before anything is closed, and after. English only where a translation is loaded beside it. */
export type Emergency = 'water' | 'gas' | 'steam' | 'sprinkler' | 'sewage' | 'other';

/** The kind of emergency a medium makes. */
export function emergencyOf(medium: Medium): Emergency {
  if (medium === 'fire-water') return 'sprinkler';
  const { family } = MEDIUM_FACTS[medium];
  if (family === 'waste') return 'sewage';
  if (family === 'corrosive') return 'other';
  return medium === 'compressed-air' || medium === 'oxidiser-gas' ? 'other' : family;
}
