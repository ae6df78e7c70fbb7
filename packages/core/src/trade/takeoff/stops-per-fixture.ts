/** What a takeoff counts, and the stops each takes where nobody says otherwise. Source: the trade's usual template. */
export const STOPS_PER_FIXTURE = {
  basin: 2,
  'kitchen-sink': 2,
  'utility-sink': 2,
  bidet: 2,
  // Its mixer shuts by itself.
  shower: 0,
  bath: 0,
  toilet: 1,
  // Integral.
  urinal: 0,
  'ice-maker': 1,
  dishwasher: 1,
  'clothes-washer': 2,
  'water-heater': 2,
  'hose-bibb': 1,
  'boiler-feed': 1,
} as const;

export type TakeoffFixture = keyof typeof STOPS_PER_FIXTURE;
export const TAKEOFF_FIXTURES = Object.keys(STOPS_PER_FIXTURE) as TakeoffFixture[];
