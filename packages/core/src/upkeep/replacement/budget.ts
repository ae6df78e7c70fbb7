import { type LifeSeen, learnedFrom } from '../life/index.js';
import type { BudgetSettings } from './budget-settings.js';
import { type BudgetedValve, type NotPlanned, type ServedValve, budgetValve } from './budget-valve.js';
import { type PlanningCosts, planningCosts } from './planning-costs.js';
import { gapOf, planWithinBudgets } from './plan-within-budgets.js';
import { type ReplacementYear, yearsOfPlan } from './replacement-plan.js';

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

/** A year of a budget, with its money. */
export interface BudgetYear extends ReplacementYear {
  money: number;
}

export interface Budget {
  lines: BudgetLine[];
  notPlanned: { id: string; missing: NotPlanned }[];
  byYear: BudgetYear[];
  presentCost: number;
  withoutPlanCost: number;
  /** How far the plan may be from the best one, around what was moved by hand. */
  gap: number;
}

/** What the whole costs with so much money a year. */
export interface BudgetPoint {
  money: number;
  presentCost: number;
}

const CURVE_TIMES = [0, 0.5, 1, 1.5, 2, 3];

/**
 * The budget of replacements: which valve in which year, and what that costs.
 *
 * @param given settings, valves in service, lives seen, and what was moved by hand
 * @returns lines in the order given, years, costs and gap
 * Source: as `replacement-plan`; what was moved by hand keeps its year and takes its money first.
 *
 * @example
 * budgetOf({ settings: STANDARD_BUDGET, valves: [], seen: [], moved: {} }).lines // []
 * @see budgetCurve
 */
export function budgetOf(given: BudgetCase): Budget {
  const { figured, notPlanned, costs, money } = figures(given);
  const { planned, gap } = solve(figured, costs, money, given);
  const valves = figured.map(({ valve }) => valve);
  return {
    lines: figured.map((one, at) => ({
      ...one,
      year: planned[at] ?? 0,
      present: costs[at]?.present ?? [],
    })),
    notPlanned,
    byYear: yearsOfPlan(valves, costs, planned, given.settings.years).map((year, at) => ({
      ...year,
      money: money[at] ?? 0,
    })),
    presentCost: costOfPlan(costs, planned),
    withoutPlanCost: costOfPlan(costs, []),
    gap,
  };
}

/**
 * What the whole of a budget costs with less and with more money a year.
 *
 * @param given as for {@link budgetOf}
 * @returns from no money to three times that of the settings
 *
 * @example
 * budgetCurve({ settings: STANDARD_BUDGET, valves: [], seen: [], moved: {} })[0] // { money: 0, presentCost: 0 }
 */
export function budgetCurve(given: BudgetCase): BudgetPoint[] {
  const { figured, costs, money } = figures(given);
  const mean = money.reduce((sum, one) => sum + one, 0) / money.length;
  return CURVE_TIMES.map((times) => {
    const other = money.map((one) => one * times);
    return {
      money: mean * times,
      presentCost: costOfPlan(costs, solve(figured, costs, other, given).planned),
    };
  });
}

interface Figures {
  figured: BudgetedValve[];
  notPlanned: Budget['notPlanned'];
  costs: PlanningCosts[];
  /** Of each year. */
  money: number[];
}

/** The valves that can be planned, with their costs; what may not wait stands above the plan. */
function figures({ settings, valves, seen }: BudgetCase): Figures {
  const { years, discountRate } = settings;
  const learned = learnedFrom(seen);
  const notPlanned: Budget['notPlanned'] = [];
  const figured: BudgetedValve[] = [];
  for (const served of valves) {
    if (served.mustNotWait) continue;
    const one = budgetValve(served, settings, learned);
    if (typeof one === 'string') notPlanned.push({ id: served.id, missing: one });
    else figured.push(one);
  }
  return {
    figured,
    notPlanned,
    costs: figured.map(({ valve }) => planningCosts(valve, years, discountRate)),
    money: Array.from({ length: years }, (_, at) => settings.money[at] ?? settings.money.at(-1) ?? 0),
  };
}

/** Present cost of a plan; a valve without a year is never replaced. */
const costOfPlan = (costs: readonly Pick<PlanningCosts, 'present'>[], planned: readonly number[]): number =>
  costs.reduce((sum, { present }, at) => sum + (present[planned[at] ?? 0] ?? 0), 0);

/** The plan within the money: what was moved by hand has its year and takes its money first. */
function solve(
  figured: readonly BudgetedValve[],
  costs: readonly PlanningCosts[],
  money: readonly number[],
  { settings: { years }, moved }: BudgetCase,
): { planned: number[]; gap: number } {
  const left = [0, ...money];
  const planned = figured.map(({ valve: { id, cost } }) => {
    const year = moved[id];
    if (year === undefined || year > years) return undefined;
    if (year > 0) left[year] = Math.max(0, (left[year] ?? 0) - cost);
    return year;
  });
  const free = [...planned.keys()].filter((at) => planned[at] === undefined);
  const found = planWithinBudgets({
    present: free.map((at) => costs[at]?.present ?? []),
    cost: free.map((at) => figured[at]?.valve.cost ?? 0),
    budget: left,
  });
  free.forEach((at, index) => (planned[at] = found.year[index] ?? 0));
  return { planned: planned.map((year) => year ?? 0), gap: gapOf(found) };
}
