import { calculation } from '../../ground/calculation/index.js';
import { list, number, optional, record, text } from '../../ground/input/index.js';
import { type PressureRating, type RatedPart, pressureRating } from './pressure-rating.js';
import { ratingAllowablePa, ratingInput } from './rating-input.js';

const input = record({
  temperatureC: number({ unit: 'degrees C', min: -273.15 }),
  pressurePa: number({ unit: 'Pa gauge', min: 0, meaning: 'highest working pressure' }),
  surgePa: optional(number({ unit: 'Pa', min: 0, meaning: 'added to the pressure' })),
  components: list(record({ name: text(100), rating: ratingInput }), { least: 1, most: 100 }),
});

export const pressureRatingCalculation = calculation({
  name: 'pressure-rating',
  summary:
    'Rated pressure of an assembly at a temperature: the weakest of body, seat, joint and pipe governs.',
  input,
  gives: {
    allowablePa: 'Pa gauge, of the weakest part',
    governing: 'name of the weakest part',
    marginPa: 'allowable less demand, Pa',
    utilisation: 'demand over allowable; left out when not rated',
    verdict: 'within, over or not-rated',
    components: 'each part with its allowablePa; 0 where not rated',
  },
  notes: [
    'Linear between points; below the first point the first value holds; above the last the part is not rated.',
    'PVC and CPVC are derated from their rating at 23 degrees C and not rated past 60 and 93.',
    'The built-in tables are generic to their standards: the listing and the maker override them.',
  ],
  example: {
    temperatureC: 60,
    pressurePa: 517107,
    components: [
      { name: 'body', rating: { id: 'body-brass-600cwp' } },
      { name: 'press joint', rating: { id: 'joint-press-copper' } },
    ],
  },
  run({ temperatureC, pressurePa, surgePa = 0, components }): PressureRating {
    const parts = components.map(({ name, rating }, index): RatedPart => ({
      name,
      allowablePa: ratingAllowablePa(rating, temperatureC, `components[${index}].rating`),
    }));
    return pressureRating(parts as [RatedPart, ...RatedPart[]], pressurePa + surgePa);
  },
});
