import { pricePerYear } from '../selection/index.js';
import { type CatalogueModel, type ModelSize, candidateOf } from './catalogue-model.js';

export interface Cost {
  each: number;
  /** Over the middle of the expected life; left out where that is not known. */
  perYear?: number;
  /** For all places that ask alike. */
  overJob: number;
  overJobPerYear?: number;
}

/**
 * What a model costs: one, a year of it, and all places of a job that ask alike.
 *
 * @param model gives the expected life
 * @param size  gives the price, in the company's currency
 * @param alike how many positions of the job ask the same, this one among them
 *
 * @example
 * costOf({ ...model, lifeYears: [20, 30] }, { dn: 20, price: 25 }, 4) // { each: 25, perYear: 1, overJob: 100, overJobPerYear: 4 }
 */
export function costOf(model: CatalogueModel, size: ModelSize, alike: number): Cost {
  const each = size.price;
  const perYear = pricePerYear(candidateOf(model, size));
  // In whole cents, so that a sum of prices is the sum of what is printed.
  const overJob = (Math.round(each * 100) * alike) / 100;
  return {
    each,
    overJob,
    ...(perYear !== undefined && { perYear, overJobPerYear: perYear * alike }),
  };
}
