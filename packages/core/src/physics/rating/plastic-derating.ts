import { type RatingPoint } from './rating-tables.js';
import { allowablePressurePa } from './allowable-pressure.js';

export const PLASTICS = ['pvc', 'cpvc'] as const;
export type Plastic = (typeof PLASTICS)[number];

/** Share of the 23 degree rating left at a temperature. Source: ASTM D2241/D1785 and F441 derating factors as pipe makers publish them. */
const FACTORS: Record<Plastic, readonly (readonly [temperatureC: number, factor: number])[]> = {
  pvc: [
    [23, 1],
    [27, 0.88],
    [32, 0.75],
    [38, 0.62],
    [43, 0.51],
    [49, 0.4],
    [54, 0.31],
    [60, 0.22],
  ],
  cpvc: [
    [23, 1],
    [27, 1],
    [32, 0.91],
    [38, 0.82],
    [43, 0.72],
    [49, 0.65],
    [54, 0.57],
    [60, 0.5],
    [66, 0.42],
    [71, 0.4],
    [77, 0.29],
    [82, 0.25],
    [93, 0.2],
  ],
};

/**
 * Pressure a plastic part carries at a temperature.
 *
 * @param basePa  rating at 23 degrees C, Pa gauge
 * @param plastic pvc or cpvc
 * @param temperatureC degrees C
 * @returns Pa gauge; undefined above the last factor
 *
 * @example
 * deratedPressurePa(1620268, 'pvc', 38) // 1004566
 */
export function deratedPressurePa(
  basePa: number,
  plastic: Plastic,
  temperatureC: number,
): number | undefined {
  const points: RatingPoint[] = FACTORS[plastic].map(([at, factor]) => ({
    temperatureC: at,
    pressurePa: basePa * factor,
  }));
  return allowablePressurePa(points, temperatureC);
}
