import { type Medium, MEDIUM_FACTS } from '@grevik/core';

/** What is coming out, as far as it decides what to do first. */
export const EMERGENCIES = ['water', 'gas', 'steam', 'sprinkler', 'sewage', 'other'] as const;
export type Emergency = (typeof EMERGENCIES)[number];

/** The kind of emergency a medium makes. */
export function emergencyOf(medium: Medium): Emergency {
  if (medium === 'fire-water') return 'sprinkler';
  const { family } = MEDIUM_FACTS[medium];
  if (family === 'waste') return 'sewage';
  if (family === 'corrosive') return 'other';
  return medium === 'compressed-air' || medium === 'oxidiser-gas' ? 'other' : family;
}
