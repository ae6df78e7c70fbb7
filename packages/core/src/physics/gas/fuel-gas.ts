export const FUEL_GASES = ['natural-gas', 'lp-gas'] as const;
export type FuelGas = (typeof FUEL_GASES)[number];

interface FuelGasFacts {
  /** Cr and Y of the sizing equations. */
  cr: number;
  y: number;
  /** Heat of combustion, J/m3 at 15 degrees C and 1 atm. */
  heatingValueJm3: number;
  /** Density at 15 degrees C and 1 atm, kg/m3. */
  densityKgM3: number;
  /** Ratio of specific heats. */
  gamma: number;
}

/** Cr, Y: NFPA 54 / IFGC sizing equations. Heat, density, ratio: usual values of pipeline gas and commercial propane. */
export const FUEL_GAS_FACTS: Readonly<Record<FuelGas, FuelGasFacts>> = {
  'natural-gas': { cr: 0.6094, y: 0.9992, heatingValueJm3: 37.3e6, densityKgM3: 0.735, gamma: 1.31 },
  'lp-gas': { cr: 1.2462, y: 0.991, heatingValueJm3: 93.9e6, densityKgM3: 1.865, gamma: 1.13 },
};
