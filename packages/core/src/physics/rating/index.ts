export { allowablePressurePa } from './allowable-pressure.js';
export { PLASTICS, type Plastic, deratedPressurePa } from './plastic-derating.js';
export { type PressureRating, type RatedPart, pressureRating } from './pressure-rating.js';
export { ratingPointsInput } from './rating-input.js';
export {
  RATING_IDS,
  RATING_TABLES,
  type RatingId,
  type RatingPoint,
  type RatingTable,
  ratingTable,
} from './rating-tables.js';
export { pressureRatingCalculation } from './pressure-rating-calculation.js';
