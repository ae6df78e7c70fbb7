/** Valves to plan, as the solver sees them: index 0 of a year is never, which costs no budget. */
export interface BudgetProblem {
  /** Present cost of each valve in each year. */
  present: readonly (readonly number[])[];
  /** What each takes of the budget of its year. */
  cost: readonly number[];
  /** Index 0 is not used; index y is the money of year y. */
  budget: readonly number[];
}

/** No plan costs less than `bound`; `prices` is what a unit of each year's money is worth there. */
export interface Relaxation {
  bound: number;
  prices: number[];
}

const ROUNDS = 250;
/** Nearer than this share of its cost a plan is as good as the best. */
export const NEAR_ENOUGH = 1e-4;
const PATIENCE = 12;

/**
 * A lower bound for a plan within its yearly money: the money of each year gets a price, and each valve chooses for itself.
 *
 * @param problem    present costs, what each takes, the money of each year
 * @param upperBound present cost of some plan within the money
 * @returns the best bound found and its prices
 * Source: Lagrangian relaxation of the yearly budgets, prices by subgradient steps after Polyak.
 *
 * @example
 * relaxBudgets({ present: [[100, 60]], cost: [50], budget: [0, 0] }, 100).bound // 100
 */
export function relaxBudgets(problem: BudgetProblem, upperBound: number): Relaxation {
  const years = problem.budget.length;
  let prices = new Array<number>(years).fill(0);
  let best: Relaxation = { bound: -Infinity, prices };
  let step = 1;
  let waited = 0;
  for (let round = 0; round < ROUNDS && step > 1e-3; round += 1) {
    const { bound, over } = priced(problem, prices);
    if (bound > best.bound + 1e-9 * Math.abs(bound)) {
      best = { bound, prices };
      waited = 0;
    } else waited += 1;
    if (upperBound - best.bound <= NEAR_ENOUGH * Math.abs(upperBound)) break;
    if (waited > PATIENCE) {
      step /= 2;
      waited = 0;
      prices = best.prices;
    }
    const length = over.reduce(
      (sum, one, year) => sum + (one > 0 || (prices[year] ?? 0) > 0 ? one * one : 0),
      0,
    );
    if (length === 0) break;
    const far = (step * Math.max(upperBound - bound, 1e-9 * Math.abs(upperBound))) / length;
    prices = prices.map((price, year) => (year === 0 ? 0 : Math.max(0, price + far * (over[year] ?? 0))));
  }
  return best;
}

/** The year a valve chooses at given prices; the earliest of those alike, never before all. */
export function cheapestYear(present: readonly number[], cost: number, prices: readonly number[]): number {
  let chosen = 0;
  let least = present[0] ?? 0;
  for (let year = 1; year < present.length; year += 1) {
    const here = (present[year] ?? 0) + cost * (prices[year] ?? 0);
    if (here < least) {
      least = here;
      chosen = year;
    }
  }
  return chosen;
}

function priced(
  { present, cost, budget }: BudgetProblem,
  prices: readonly number[],
): { bound: number; over: number[] } {
  const over = budget.map((money, year) => (year === 0 ? 0 : -money));
  let bound = 0;
  present.forEach((ofValve, at) => {
    const takes = cost[at] ?? 0;
    const year = cheapestYear(ofValve, takes, prices);
    bound += (ofValve[year] ?? 0) + takes * (prices[year] ?? 0);
    if (year > 0) over[year] = (over[year] ?? 0) + takes;
  });
  budget.forEach((money, year) => {
    if (year > 0) bound -= money * (prices[year] ?? 0);
  });
  return { bound, over };
}
