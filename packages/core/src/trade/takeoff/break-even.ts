import { decimalProduct } from './decimal.js';

const YEARS = 100;

/** What it costs to have one way, and how long it lasts. */
export interface Bought {
  total: number;
  lifeYears?: number | undefined;
}

/**
 * The first year in which the dearer way has cost no more than the cheaper one, each bought again whenever it is worn out.
 *
 * @param a a total and a life in years
 * @param b the other
 * @returns undefined where a life is not known, or the dearer one never comes out
 * Source: purchases counted at the beginning of each life; no interest, no labour.
 *
 * @example
 * breakEvenYear({ total: 400, lifeYears: 8 }, { total: 700, lifeYears: 25 }) // 8
 */
export function breakEvenYear(a: Bought, b: Bought): number | undefined {
  const [cheap, dear] = a.total <= b.total ? [a, b] : [b, a];
  if (cheap.lifeYears === undefined || dear.lifeYears === undefined || cheap.total === dear.total)
    return undefined;
  const spent = ({ total, lifeYears = 1 }: Bought, year: number): number =>
    decimalProduct(total, Math.floor(year / lifeYears) + 1);
  for (let year = 1; year <= YEARS; year += 1) if (spent(dear, year) <= spent(cheap, year)) return year;
  return undefined;
}
