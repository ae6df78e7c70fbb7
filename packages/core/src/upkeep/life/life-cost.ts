import { type LifeSpread, chanceFailedBy, expectedFailures } from './renewal.js';

export interface LifeCostOption {
  name: string;
  purchase: number;
  install: number;
  maintenancePerYear: number;
  life: LifeSpread;
  /** What a failure costs: replacing it, and the damage with the chance that there is some. */
  failure: { replaceCost: number; damageCost: number; chance: number };
}

/** What makes a life longer or shorter; 1 changes nothing. */
export interface LifeFactors {
  exercised?: number | undefined;
  hardness?: number | undefined;
  chloramine?: number | undefined;
}

export interface LifeCostCase {
  horizonYears: number;
  /** A year, as a share. */
  discountRate: number;
  options: readonly LifeCostOption[];
  factors?: LifeFactors | undefined;
}

export interface CostedOption {
  name: string;
  presentCost: number;
  expectedFailures: number;
  /** Not discounted. */
  byYear: { year: number; expectedFailures: number; cost: number }[];
  chanceOfNoFailure: number;
}

export interface LifeCost {
  options: CostedOption[];
  /** First whole year in which the running present costs of the first two options cross; left out where they never do. */
  breakEvenYear?: number;
}

/**
 * What valves cost over the years: bought, kept, failed and replaced.
 *
 * @param given horizon in whole years, discount rate a year, options with costs in one currency, factors that scale their lives
 * @returns the present cost of each option, its failures, and when the second has paid for itself against the first
 * Source: discrete renewal in whole years; costs discounted at the end of their year.
 *
 * @example
 * lifeCost({ horizonYears: 20, discountRate: 0.04, options: [stop, quarterTurn] }).breakEvenYear // 7
 */
export function lifeCost({ horizonYears, discountRate, options, factors = {} }: LifeCostCase): LifeCost {
  const { exercised = 1, hardness = 1, chloramine = 1 } = factors;
  const costed = options.map((option) => {
    const life = { ...option.life, scaleYears: option.life.scaleYears * exercised * hardness * chloramine };
    return costOf({ ...option, life }, horizonYears, discountRate);
  });
  const [first, second] = costed;
  const breakEvenYear = first && second && crossing(first.running, second.running);
  return {
    options: costed.map(({ running: _running, ...option }) => option),
    ...(breakEvenYear !== undefined && { breakEvenYear }),
  };
}

function costOf(
  { name, purchase, install, maintenancePerYear, life, failure }: LifeCostOption,
  years: number,
  rate: number,
): CostedOption & { running: number[] } {
  const failures = expectedFailures(life, years);
  const eachFailure = failure.replaceCost + failure.chance * failure.damageCost;
  let presentCost = purchase + install;
  const running = [presentCost];
  const byYear = failures.map((expected, at) => {
    const cost = maintenancePerYear + expected * eachFailure;
    presentCost += cost / (1 + rate) ** (at + 1);
    running.push(presentCost);
    return { year: at + 1, expectedFailures: expected, cost };
  });
  return {
    name,
    presentCost,
    expectedFailures: failures.reduce((sum, one) => sum + one, 0),
    byYear,
    chanceOfNoFailure: 1 - chanceFailedBy(life, years),
    running,
  };
}

/** The first whole year at whose end the dearer of two has become the cheaper, or as cheap. */
function crossing(one: readonly number[], other: readonly number[]): number | undefined {
  const apart = one.map((cost, at) => cost - (other[at] ?? 0));
  const start = Math.sign(apart[0] ?? 0);
  const year = apart.findIndex((difference, at) => at > 0 && start !== 0 && Math.sign(difference) !== start);
  return year === -1 ? undefined : year;
}

/**
 * Present cost of an option at the end of each year, the first in year 0: bought and put in.
 *
 * @param option       as costed
 * @param discountRate a year, as a share
 *
 * @example
 * runningCosts(lifeCost(given).options[0], 0.04)[0] // what it costs before it has served a day
 */
export function runningCosts(option: CostedOption, discountRate: number): number[] {
  const years = option.byYear.map(({ year, cost }) => cost / (1 + discountRate) ** year);
  const first = option.presentCost - years.reduce((sum, cost) => sum + cost, 0);
  return years.reduce((running, cost) => [...running, (running[running.length - 1] ?? 0) + cost], [first]);
}
