import { RATING_IDS } from '@grevik/core';

/** The built-in tables a body can be rated by; those of joints and pipe follow from the ends. */
export const RATING_CHOICES = RATING_IDS.filter((id): id is Extract<typeof id, `body-${string}`> =>
  id.startsWith('body-'),
);
