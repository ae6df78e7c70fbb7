import {
  type Field,
  InvalidInput,
  choice,
  list,
  number,
  oneOf,
  optional,
  record,
} from '../../ground/input/index.js';
import { allowablePressurePa } from './allowable-pressure.js';
import { PLASTICS, deratedPressurePa } from './plastic-derating.js';
import { RATING_IDS, type RatingPoint, ratingTable } from './rating-tables.js';

const rawPoints = list(
  record({
    temperatureC: number({ unit: 'degrees C', min: -273.15 }),
    pressurePa: number({ unit: 'Pa gauge', min: 0 }),
  }),
  { least: 2, most: 100 },
);

/** Two or more rated points, rising in temperature. */
export const ratingPointsInput: Field<RatingPoint[]> = {
  ...rawPoints,
  read(value, path) {
    const points = rawPoints.read(value, path);
    points.forEach((point, index) => {
      const before = points[index - 1];
      if (before && point.temperatureC <= before.temperatureC) {
        throw new InvalidInput(
          `${path}[${index}].temperatureC`,
          `${path}[${index}].temperatureC is ${point.temperatureC}: points must rise in temperature, and the one before has ${before.temperatureC}.`,
        );
      }
    });
    return points;
  },
};

/** A rating as it can be given: own points, a built-in table, or a plastic's 23 degree rating to be derated. */
export const ratingInput = oneOf({
  points: record({ points: ratingPointsInput }),
  id: record({ id: choice(RATING_IDS) }),
  derate: record({
    derate: choice(PLASTICS),
    baseId: optional(choice(RATING_IDS)),
    basePa: optional(number({ unit: 'Pa gauge at 23 degrees C', above: 0 })),
  }),
});

/** What a described rating allows at a temperature, Pa gauge; undefined where it is not rated. */
export function ratingAllowablePa(
  rating: ReturnType<typeof ratingInput.read>,
  temperatureC: number,
  path: string,
): number | undefined {
  if ('points' in rating) return allowablePressurePa(rating.points, temperatureC);
  if ('id' in rating) return allowablePressurePa(ratingTable(rating.id).points, temperatureC);
  const { baseId, basePa, derate } = rating;
  if ((baseId === undefined) === (basePa === undefined)) {
    throw new InvalidInput(`${path}.baseId`, `${path} with derate takes exactly one of baseId and basePa.`);
  }
  const base = basePa ?? ratingTable(baseId as NonNullable<typeof baseId>).points[0]?.pressurePa ?? 0;
  return deratedPressurePa(base, derate, temperatureC);
}
