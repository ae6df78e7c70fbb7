import type { BudgetProblem } from './budget-relaxation.js';

/** Present cost of a plan. */
export const costOf = ({ present }: BudgetProblem, plan: readonly number[]): number =>
  plan.reduce((sum, year, at) => sum + (present[at]?.[year] ?? 0), 0);

/** What is left of each year's money; never takes none. */
export function leftOf({ cost, budget }: BudgetProblem, plan: readonly number[]): number[] {
  const left = budget.map((money, year) => (year === 0 ? Infinity : money));
  plan.forEach((year, at) => {
    if (year > 0) left[year] = (left[year] ?? 0) - (cost[at] ?? 0);
  });
  return left;
}

/** Whether a year has room for what a valve takes. */
export const room = (left: readonly number[], year: number, takes: number): boolean =>
  year === 0 || takes <= (left[year] ?? 0) + 1e-9 * Math.max(1, takes);

/** Puts a valve into another year and keeps what is left. */
export function move({ cost }: BudgetProblem, plan: number[], left: number[], at: number, to: number): void {
  const from = plan[at] ?? 0;
  const takes = cost[at] ?? 0;
  if (from > 0) left[from] = (left[from] ?? 0) + takes;
  if (to > 0) left[to] = (left[to] ?? 0) - takes;
  plan[at] = to;
}
