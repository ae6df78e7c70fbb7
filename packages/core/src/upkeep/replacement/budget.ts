import type { LifeSeen } from '../life/index.js';
import { type BudgetSettings } from './budget-settings.js';
import { type BudgetedValve, type NotPlanned, type ServedValve, budgetValve } from './budget-valve.js';
import { type PlanningCosts, planningCosts } from './planning-costs.js';
import { type ReplacementYear, replacementPlan, yearsOfPlan } from './replacement-plan.js';

/** A valve that somebody put into a year by hand; 0 is never. */
export type MovedByHand = Readonly<Record<string, number>>;

export interface BudgetCase {
  settings: BudgetSettings;
  valves: readonly ServedValve[];
  seen: readonly LifeSeen[];
  moved: MovedByHand;
}

export interface BudgetLine extends BudgetedValve {
  /** Year it is planned for, 0 for never. */
  year: number;
  /** Present cost of each year it could stand in; index 0 is never. */
  present: readonly number[];
}

export interface Budget {
  lines: BudgetLine[];
  notPlanned: { id: string; missing: NotPlanned }[];
  byYear: ReplacementYear[];
  presentCost: number;
  withoutPlanCost: number;
  /** How far the plan may be from the best one; what has failed or was moved by hand has its year and its money before. */
  gap: number;
  /** What the whole costs with other money a year. */
  curve: { money: number; presentCost: number }[];
}

const CURVE_TIMES = [0, 0.5, 1, 1.5, 2, 3];

/**
 * The budget of replacements: which valve in which year, what that costs, and what other money would come to.
 *
 * @param given settings, valves in service, lives seen, and what was moved by hand
 * @returns lines in the order given, years, costs, gap and curve
 * Source: {@link replacementPlan}; what was moved by hand keeps its year and takes its money first.
 *
 * @example
 * budgetOf({ settings: STANDARD_BUDGET, valves: [], seen: [], moved: {} }).lines // []
 */
export function budgetOf({ settings, valves, seen, moved }: BudgetCase): Budget {
  const notPlanned: Budget['notPlanned'] = [];
  const figured: BudgetedValve[] = [];
  for (const served of valves) {
    if (served.mustNotWait) continue;
    const one = budgetValve(served, settings, seen);
    if (typeof one === 'string') notPlanned.push({ id: served.id, missing: one });
    else figured.push(one);
  }
  const { years, discountRate } = settings;
  const money = Array.from({ length: years }, (_, at) => settings.money[at] ?? settings.money.at(-1) ?? 0);
  const costs = figured.map(({ valve }) => planningCosts(valve, years, discountRate));
  const solved = solve(figured, money, settings, moved);
  const planned = figured.map(({ valve: { id } }) => solved.yearOf.get(id) ?? 0);
  return {
    lines: figured.map((one, at) => ({
      ...one,
      year: planned[at] ?? 0,
      present: costs[at]?.present ?? [],
    })),
    notPlanned,
    byYear: yearsOfPlan(
      figured.map(({ valve }) => valve),
      costs,
      planned,
      years,
    ),
    presentCost: costOfPlan(costs, planned),
    withoutPlanCost: costOfPlan(costs, []),
    gap: solved.gap,
    curve: CURVE_TIMES.map((times) => {
      const other = solve(
        figured,
        money.map((one) => one * times),
        settings,
        moved,
      );
      return {
        money: (money.reduce((sum, one) => sum + one, 0) / years) * times,
        presentCost: costOfPlan(
          costs,
          figured.map(({ valve: { id } }) => other.yearOf.get(id) ?? 0),
        ),
      };
    }),
  };
}

/** Present cost of a plan; a valve without a year is never replaced. */
export const costOfPlan = (
  costs: readonly Pick<PlanningCosts, 'present'>[],
  planned: readonly number[],
): number => costs.reduce((sum, { present }, at) => sum + (present[planned[at] ?? 0] ?? 0), 0);

function solve(
  figured: readonly BudgetedValve[],
  money: readonly number[],
  { years, discountRate }: BudgetSettings,
  moved: MovedByHand,
): { yearOf: Map<string, number>; gap: number } {
  const left = [...money];
  const room = (cost: number): number => left.findIndex((of) => of >= cost) + 1;
  const yearOf = new Map<string, number>();
  const free = figured.filter(({ valve: { id, cost } }) => {
    const year = moved[id];
    if (year === undefined || year > years) return true;
    yearOf.set(id, year);
    if (year > 0) left[year - 1] = Math.max(0, (left[year - 1] ?? 0) - cost);
    return false;
  });
  // What has failed goes first, the worst of it before the rest, into the first year with money for it.
  for (const { valve } of free
    .filter(({ isFailed }) => isFailed)
    .sort((a, b) => b.consequence - a.consequence)) {
    const year = room(valve.cost);
    yearOf.set(valve.id, year);
    if (year > 0) left[year - 1] = (left[year - 1] ?? 0) - valve.cost;
  }
  const { plan, gap } = replacementPlan({
    years,
    discountRate,
    yearlyBudget: left,
    valves: free.flatMap(({ valve, isFailed }) => (isFailed ? [] : [valve])),
  });
  for (const { id, year } of plan) yearOf.set(id, year ?? 0);
  return { yearOf, gap };
}
