import type { Duty } from '../duty/index.js';

/** What a place may forbid. */
export const PLACE_LIMITS = {
  'no-torch': 'no torch here',
  'wet-line': 'water keeps coming to the joint',
  'closed-wall': 'closed up afterwards',
  'no-wrench-room': 'no room for a wrench or a jaw',
} as const;
export type PlaceLimit = keyof typeof PLACE_LIMITS;
export const PLACE_LIMIT_IDS = Object.keys(PLACE_LIMITS) as PlaceLimit[];

/**
 * What the duty alone already says of the place.
 *
 * @example
 * placeLimitsOf({ place: 'concealed' }) // ['closed-wall']
 */
export const placeLimitsOf = ({ place }: Pick<Duty, 'place'>): PlaceLimit[] =>
  place === 'concealed' ? ['closed-wall'] : [];
