import { RATING_IDS, ratingTable } from '@grevik/core';
import type { Figures } from './useFigures';
import type { Words } from '../words';

type BodyRating = Extract<(typeof RATING_IDS)[number], `body-${string}`>;

/** The built-in tables a body can be rated by; those of joints and pipe follow from the ends. */
export const RATING_CHOICES = RATING_IDS.filter((id): id is BodyRating => id.startsWith('body-'));

/** A table by its name, with what it carries cold where the name does not say it. */
export function ratingWords(id: string, figures: Figures, words: Words): string {
  const known = RATING_CHOICES.find((rating) => rating === id);
  if (!known) return id;
  const cold = ratingTable(known).points[0]?.pressurePa ?? 0;
  return words(`ratings.${known}`, { pressure: figures.quantity(cold, 'pressure') });
}
