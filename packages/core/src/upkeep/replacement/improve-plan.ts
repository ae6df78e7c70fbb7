import type { BudgetProblem } from './budget-relaxation.js';
import { leftOf, move, room } from './plan-room.js';

const MOST_PAIRED = 500;
const ROUNDS = 50;

/** Takes valves out of years that cost more than their money: first those that lose least for what they free. */
export function repaired(problem: BudgetProblem, proposed: readonly number[]): number[] {
  const plan = [...proposed];
  const left = leftOf(problem, plan);
  for (let year = 1; year < left.length; year += 1) {
    const here = [...plan.keys()]
      .filter((at) => plan[at] === year)
      .map((at) => ({ at, loss: lossOf(problem, left, at, year) / Math.max(problem.cost[at] ?? 0, 1e-12) }))
      .sort((a, b) => a.loss - b.loss || a.at - b.at);
    for (const { at } of here) {
      if ((left[year] ?? 0) >= -1e-9) break;
      move(problem, plan, left, at, bestOther(problem, left, at, year));
    }
  }
  return plan;
}

const lossOf = (problem: BudgetProblem, left: readonly number[], at: number, year: number): number =>
  (problem.present[at]?.[bestOther(problem, left, at, year)] ?? 0) - (problem.present[at]?.[year] ?? 0);

/** The cheapest year with room for a valve, other than the one it stands in. */
function bestOther(
  { present, cost }: BudgetProblem,
  left: readonly number[],
  at: number,
  not: number,
): number {
  let best = 0;
  for (let year = 0; year < left.length; year += 1)
    if (
      year !== not &&
      room(left, year, cost[at] ?? 0) &&
      ((present[at]?.[year] ?? 0) < (present[at]?.[best] ?? 0) || best === not)
    )
      best = year;
  return best;
}

/** Moves single valves, then pairs, for as long as the plan gets cheaper. */
export function improved(problem: BudgetProblem, start: readonly number[]): number[] {
  const plan = [...start];
  const left = leftOf(problem, plan);
  for (let again = true, round = 0; again && round < ROUNDS; round += 1) {
    again = moveEach(problem, plan, left);
    if (plan.length <= MOST_PAIRED && pushOut(problem, plan, left)) again = true;
  }
  return plan;
}

/** Each valve to the cheapest year with room: first those that gain most for what they take. */
function moveEach(problem: BudgetProblem, plan: number[], left: number[]): boolean {
  const gains = [...plan.keys()]
    .map((at) => ({ at, gain: gainOf(problem, plan, left, at) / Math.max(problem.cost[at] ?? 0, 1e-12) }))
    .filter(({ gain }) => gain > 0)
    .sort((a, b) => b.gain - a.gain || a.at - b.at);
  let moved = false;
  for (const { at } of gains) {
    const from = plan[at] ?? 0;
    const to = bestOther(problem, left, at, from);
    if (!isCheaper(problem, at, from, to)) continue;
    move(problem, plan, left, at, to);
    moved = true;
  }
  return moved;
}

const gainOf = (
  problem: BudgetProblem,
  plan: readonly number[],
  left: readonly number[],
  at: number,
): number => -lossOf(problem, left, at, plan[at] ?? 0);

const isCheaper = ({ present }: BudgetProblem, at: number, from: number, to: number): boolean => {
  const now = present[at]?.[from] ?? 0;
  return (present[at]?.[to] ?? 0) < now - 1e-9 * Math.abs(now);
};

/** One valve into a year, another out of it to where it then costs least, where both together get cheaper. */
function pushOut(problem: BudgetProblem, plan: number[], left: number[]): boolean {
  let moved = false;
  for (const at of plan.keys())
    for (let year = 1; year < left.length; year += 1) {
      const other = bestToPush(problem, plan, left, at, year);
      if (!other) continue;
      move(problem, plan, left, other.at, other.to);
      move(problem, plan, left, at, year);
      moved = true;
    }
  return moved;
}

/** Which valve makes room for another in a year, and where it goes; nothing where that saves nothing. */
function bestToPush(
  problem: BudgetProblem,
  plan: readonly number[],
  left: readonly number[],
  at: number,
  year: number,
): { at: number; to: number } | undefined {
  const { present, cost } = problem;
  const from = plan[at] ?? 0;
  const gain = (present[at]?.[from] ?? 0) - (present[at]?.[year] ?? 0);
  if (gain <= 0 || from === year) return undefined;
  const takes = cost[at] ?? 0;
  const freed = left.map((money, of) => (of === from && of > 0 ? money + takes : money));
  let best: { at: number; to: number } | undefined;
  let most = 1e-9 * gain;
  for (const other of plan.keys()) {
    if (other === at || plan[other] !== year || !room(left, year, takes - (cost[other] ?? 0))) continue;
    const to = bestOther(problem, freed, other, year);
    const whole = gain + (present[other]?.[year] ?? 0) - (present[other]?.[to] ?? 0);
    if (whole <= most) continue;
    most = whole;
    best = { at: other, to };
  }
  return best;
}
