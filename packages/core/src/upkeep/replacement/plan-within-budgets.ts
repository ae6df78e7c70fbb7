import { type BudgetProblem, NEAR_ENOUGH, cheapestYear, relaxBudgets } from './budget-relaxation.js';
import { countedOut } from './count-out.js';
import { improved, repaired } from './improve-plan.js';
import { costOf } from './plan-room.js';

/** A plan within the money of each year, and what no plan can be below. */
export interface BudgetedPlan {
  /** Planned year of each valve; 0 is never. */
  year: number[];
  presentCost: number;
  lowerBound: number;
}

/** How far a plan may be from the best one, as a share. */
export const gapOf = ({
  presentCost,
  lowerBound,
}: Pick<BudgetedPlan, 'presentCost' | 'lowerBound'>): number =>
  lowerBound > 0 ? presentCost / lowerBound - 1 : 0;

const ROUNDS = 6;
const MOST_COUNTED_OUT = 40;

/**
 * Chooses a year for every valve so that the whole costs least within the money of each year.
 *
 * @param given present costs, what each takes, the money of each year
 * @returns the plan, its present cost and a lower bound; where the bound equals the cost no plan is better
 * Source: relaxation of the budgets, its proposal repaired and improved by moves; small cases are counted out by branch and bound.
 *
 * @example
 * planWithinBudgets({ present: [[100, 60]], cost: [50], budget: [0, 50] }).year // [1]
 */
export function planWithinBudgets(given: BudgetProblem): BudgetedPlan {
  const problem = withoutTooDear(given);
  const never = problem.present.map(() => 0);
  let plan = improved(problem, never);
  let bound = -Infinity;
  let prices: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const relaxed = relaxBudgets(problem, costOf(problem, plan));
    if (relaxed.bound <= bound) break;
    ({ bound, prices } = relaxed);
    const proposed = problem.present.map((ofValve, at) =>
      cheapestYear(ofValve, problem.cost[at] ?? 0, relaxed.prices),
    );
    const next = improved(problem, repaired(problem, proposed));
    if (costOf(problem, next) >= costOf(problem, plan)) break;
    plan = next;
    if (costOf(problem, plan) - bound <= NEAR_ENOUGH * bound) break;
  }
  const counted = problem.cost.length <= MOST_COUNTED_OUT ? countedOut(problem, prices, plan) : undefined;
  if (counted)
    return { year: counted, presentCost: costOf(problem, counted), lowerBound: costOf(problem, counted) };
  const presentCost = costOf(problem, plan);
  return { year: plan, presentCost, lowerBound: Math.min(bound, presentCost) };
}

/** A year whose money a valve is too dear for is no year for it: the bound is closer without it. */
const withoutTooDear = ({ present, cost, budget }: BudgetProblem): BudgetProblem => ({
  cost,
  budget,
  present: present.map((ofValve, at) =>
    ofValve.map((of, year) => (year > 0 && (cost[at] ?? 0) > (budget[year] ?? 0) + 1e-9 ? Infinity : of)),
  ),
});
