import { type BudgetProblem, cheapestYear } from './budget-relaxation.js';
import { costOf, leftOf, move, room } from './plan-room.js';

const MOST_NODES = 400_000;

/** The best plan by branch and bound, or nothing where that takes too long. */
export function countedOut(
  problem: BudgetProblem,
  prices: readonly number[],
  found: readonly number[],
): number[] | undefined {
  const { present, cost, budget } = problem;
  // The valves that matter most first.
  const order = [...cost.keys()].sort((a, b) => spread(present[b]) - spread(present[a]) || a - b);
  const restOf = new Array<number>(order.length + 1).fill(0);
  for (let depth = order.length - 1; depth >= 0; depth -= 1) {
    const at = order[depth] ?? 0;
    const takes = cost[at] ?? 0;
    const year = cheapestYear(present[at] ?? [], takes, prices);
    restOf[depth] = (restOf[depth + 1] ?? 0) + (present[at]?.[year] ?? 0) + takes * (prices[year] ?? 0);
  }
  let best = [...found];
  let least = costOf(problem, found);
  let nodes = 0;
  const plan = new Array<number>(order.length).fill(0);
  const left = leftOf(problem, plan);
  function down(depth: number, sum: number, priceOfLeft: number): void {
    nodes += 1;
    if (nodes > MOST_NODES) return;
    if (depth === order.length) {
      if (sum < least) {
        least = sum;
        best = [...plan];
      }
      return;
    }
    if (sum + (restOf[depth] ?? 0) - priceOfLeft >= least - 1e-12 * Math.abs(least)) return;
    const at = order[depth] ?? 0;
    const takes = cost[at] ?? 0;
    const years = [...(present[at] ?? []).keys()].sort(
      (a, b) => (present[at]?.[a] ?? 0) - (present[at]?.[b] ?? 0) || a - b,
    );
    for (const year of years) {
      if (!room(left, year, takes)) continue;
      move(problem, plan, left, at, year);
      const spent = year > 0 ? takes * (prices[year] ?? 0) : 0;
      down(depth + 1, sum + (present[at]?.[year] ?? 0), priceOfLeft - spent);
      move(problem, plan, left, at, 0);
    }
  }
  const priceOfAll = budget.reduce(
    (sum, money, year) => sum + (year > 0 ? money * (prices[year] ?? 0) : 0),
    0,
  );
  down(0, 0, priceOfAll);
  return nodes > MOST_NODES ? undefined : best;
}

const spread = (present: readonly number[] = []): number => {
  const possible = present.filter(Number.isFinite);
  return Math.max(...possible) - Math.min(...possible);
};
