import { type Duty, rateAssembly } from '../selection/index.js';
import { type CatalogueModel, type ModelSize, candidateOf } from './catalogue-model.js';

export interface RatedAt {
  temperatureC: number;
  /** What the weakest of body and joints carries there, Pa gauge. */
  allowablePa: number;
}

const COLDEST_C = 0;
const HOTTEST_C = 250;
const STEP_C = 5;

/**
 * What a model carries with its joints, from cold to where it is no longer rated.
 *
 * @param duty  its size and pipe decide which joint tables hold
 * @param model rating, material and ends
 * @param size  the model's size for the duty
 * @returns a point every 5 degrees C, up to 250; empty where no part's rating is known
 *
 * @example
 * ratingCurve(duty, model, size)[0] // { temperatureC: 0, allowablePa: 4136854 }
 */
export function ratingCurve(duty: Duty, model: CatalogueModel, size: ModelSize): RatedAt[] {
  const candidate = candidateOf(model, size);
  const points: RatedAt[] = [];
  for (let temperatureC = COLDEST_C; temperatureC <= HOTTEST_C; temperatureC += STEP_C) {
    const { rating } = rateAssembly({ ...duty, temperatureC, pressurePa: 0 }, candidate);
    if (!rating || rating.verdict === 'not-rated') break;
    points.push({ temperatureC, allowablePa: rating.allowablePa });
  }
  return points;
}
