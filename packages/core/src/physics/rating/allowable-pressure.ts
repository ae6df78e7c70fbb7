import type { RatingPoint } from './rating-tables.js';

/**
 * Pressure a part carries at a temperature.
 *
 * @param points       rated points, rising in temperature, at least one
 * @param temperatureC degrees C
 * @returns Pa gauge; undefined above the last point, where the part is not rated
 * Below the first point the first value holds; between points it is linear, as ASME B16.34 interpolates.
 *
 * @example
 * allowablePressurePa([{ temperatureC: 38, pressurePa: 4e6 }, { temperatureC: 93, pressurePa: 3e6 }], 65.5) // 3.5e6
 */
export function allowablePressurePa(
  points: readonly RatingPoint[],
  temperatureC: number,
): number | undefined {
  let below: RatingPoint | undefined;
  for (const point of points) {
    if (temperatureC <= point.temperatureC) {
      if (!below) return point.pressurePa;
      const share = (temperatureC - below.temperatureC) / (point.temperatureC - below.temperatureC);
      return below.pressurePa + share * (point.pressurePa - below.pressurePa);
    }
    below = point;
  }
  return undefined;
}
