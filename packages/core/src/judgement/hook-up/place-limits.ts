import type { Duty } from '../selection/index.js';

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
 * placeLimitsOf({ occupied: true, place: 'concealed' }) // ['no-torch', 'closed-wall']
 */
export const placeLimitsOf = ({ occupied, place }: Pick<Duty, 'occupied' | 'place'>): PlaceLimit[] => [
  ...(occupied ? (['no-torch'] as const) : []),
  ...(place === 'concealed' ? (['closed-wall'] as const) : []),
];
