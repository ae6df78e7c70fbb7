import type { Counted } from './stop-kinds.js';

export interface UsualHome {
  words: string;
  counts: Partial<Record<Counted, number>>;
}

const KITCHEN = { 'kitchen-sink': 1, dishwasher: 1, 'ice-maker': 1 } as const;
const SERVICES = { 'clothes-washer': 1, 'water-heater': 1, 'main-shut-off': 1 } as const;

/** What a home of a kind usually has, to start a count with. Source: our own usual counts; the drawings go before them. */
export const USUAL_HOMES = {
  studio: {
    words: 'Studio',
    counts: { 'kitchen-sink': 1, basin: 1, toilet: 1, shower: 1, 'main-shut-off': 1 },
  },
  'one-bath': {
    words: 'Apartment, one bath',
    counts: { ...KITCHEN, ...SERVICES, basin: 1, toilet: 1, bath: 1 },
  },
  'two-bath': {
    words: 'House, two baths',
    counts: { ...KITCHEN, ...SERVICES, basin: 2, toilet: 2, bath: 1, shower: 1, 'hose-bibb': 2 },
  },
  'three-bath': {
    words: 'House, three baths, boiler',
    counts: {
      ...KITCHEN,
      ...SERVICES,
      basin: 4,
      toilet: 3,
      bath: 1,
      shower: 2,
      'utility-sink': 1,
      'hose-bibb': 3,
      'boiler-feed': 1,
    },
  },
  washroom: {
    words: 'Public washroom',
    counts: { basin: 3, toilet: 3, urinal: 2, 'utility-sink': 1 },
  },
} as const satisfies Record<string, UsualHome>;

export type UsualHomeId = keyof typeof USUAL_HOMES;
export const USUAL_HOME_IDS = Object.keys(USUAL_HOMES) as UsualHomeId[];
