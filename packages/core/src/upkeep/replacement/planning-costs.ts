import { type LifeSpread, chanceInYear, expectedFailures } from '../life/index.js';

/** A valve in service that may be replaced before it fails. */
export interface PlannedValve {
  id: string;
  ageYears: number;
  life: LifeSpread;
  /** What replacing it in good time costs. */
  cost: number;
  /** What a failure costs: replacing it then, and the damage with the chance that there is some. */
  failure: { replaceCost: number; damageCost: number; chance: number };
}

/** What every year one could plan for comes to; index 0 is never, index y is the start of year y. */
export interface PlanningCosts {
  /** Present cost of failures and of the planned replacement. */
  present: readonly number[];
  /** Failures to expect in each year of the horizon while the valve of today stays. */
  asItIs: readonly number[];
  /** The same from the year a new one was put in. */
  renewed: readonly number[];
  /** What one failure costs. */
  eachFailure: number;
}

/**
 * What planning the replacement of a valve for each year costs, and what never doing so costs.
 *
 * @param valve        age in years, life, costs in one currency
 * @param years        the horizon, whole
 * @param discountRate a year, as a share
 * @returns present costs by planned year (index 0: never), and the failures they rest on
 * Source: discrete renewal in whole years; a valve of an age fails by its life given that it has lasted so long.
 *
 * @example
 * planningCosts(oldGate, 10, 0.04).present.length // 11
 */
export function planningCosts(valve: PlannedValve, years: number, discountRate: number): PlanningCosts {
  const { life, failure, cost } = valve;
  const eachFailure = failure.replaceCost + failure.chance * failure.damageCost;
  const renewed = expectedFailures(life, years);
  const asItIs = failuresFromAge(valve, years);
  const discount = Array.from({ length: years + 1 }, (_, year) => (1 + discountRate) ** -year);
  const failed = asItIs.map((expected, at) => expected * eachFailure * (discount[at + 1] ?? 0));
  const present = [failed.reduce((sum, one) => sum + one, 0)];
  let before = 0;
  for (let year = 1; year <= years; year += 1) {
    let after = 0;
    for (let at = year; at <= years; at += 1)
      after += (renewed[at - year] ?? 0) * eachFailure * (discount[at] ?? 0);
    present.push(before + cost * (discount[year - 1] ?? 0) + after);
    before += failed[year - 1] ?? 0;
  }
  return { present, asItIs, renewed, eachFailure };
}

/**
 * Failures to expect in a year of the horizon, the valve planned for some year or never.
 *
 * @param costs   of the valve
 * @param planned year of its replacement, 0 for never
 * @param year    from 1
 *
 * @example
 * failuresInYear(costs, 3, 3) // as new: its first year
 */
export const failuresInYear = ({ asItIs, renewed }: PlanningCosts, planned: number, year: number): number =>
  (planned === 0 || year < planned ? asItIs[year - 1] : renewed[year - planned]) ?? 0;

function failuresFromAge({ life, ageYears }: PlannedValve, years: number): number[] {
  const fromNew = Array.from({ length: years }, (_, at) => chanceInYear(life, at + 1));
  const expected: number[] = [];
  for (let year = 1; year <= years; year += 1) {
    let sum = chanceInYearFromAge(life, ageYears, year);
    for (let before = 1; before < year; before += 1)
      sum += (expected[before - 1] ?? 0) * (fromNew[year - before - 1] ?? 0);
    expected.push(sum);
  }
  return expected;
}

/**
 * The chance that a valve that has lasted to an age fails first in a year from now.
 *
 * @param life     of the valve
 * @param ageYears it has lasted
 * @param year     from now, from 1
 *
 * @example
 * chanceInYearFromAge({ shape: 1, scaleYears: 10 }, 25, 1) // 0.095, as without ageing
 */
export function chanceInYearFromAge(
  { shape, scaleYears }: LifeSpread,
  ageYears: number,
  year: number,
): number {
  const hazard = (years: number): number => (years / scaleYears) ** shape;
  const from = hazard(ageYears + year - 1);
  // Far past its life both chances are next to nothing: their difference is taken before they are rounded.
  return Math.exp(hazard(ageYears) - from) * -Math.expm1(from - hazard(ageYears + year));
}
