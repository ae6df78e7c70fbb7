import type { ExpectedLife } from '../selection/index.js';
import { type ModelSize, priceEach } from './catalogue-model.js';

export interface Cost {
  /** At the break that so many reach. */
  each: number;
  /** Over the middle of the expected life. */
  perYear: number;
  /** For all places that ask alike. */
  overJob: number;
  overJobPerYear: number;
}

/**
 * What a model costs: one, a year of it, and all places of a job that ask alike.
 *
 * @param size  gives the price and its breaks, in the company's currency
 * @param life  expected where it stands
 * @param alike how many positions of the job ask the same, this one among them
 *
 * @example
 * costOf({ dn: 20, price: 25 }, { years: [20, 30], because: [] }, 4) // { each: 25, perYear: 1, overJob: 100, overJobPerYear: 4 }
 */
export function costOf(size: ModelSize, { years: [low, high] }: ExpectedLife, alike: number): Cost {
  const each = priceEach(size, alike);
  const perYear = each / ((low + high) / 2);
  // In whole cents, so that a sum of prices is the sum of what is printed.
  const overJob = (Math.round(each * 100) * alike) / 100;
  return { each, overJob, perYear, overJobPerYear: perYear * alike };
}
