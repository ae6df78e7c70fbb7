import { gapOf, planWithinBudgets } from './plan-within-budgets.js';
import { type PlannedValve, type PlanningCosts, failuresInYear, planningCosts } from './planning-costs.js';

export interface ReplacementCase {
  /** Whole. */
  years: number;
  /** A year, as a share. */
  discountRate: number;
  /** For every year, or one a year. */
  yearlyBudget: number | readonly number[];
  valves: readonly PlannedValve[];
}

export interface ReplacementYear {
  year: number;
  /** Planned replacements. */
  spend: number;
  expectedFailures: number;
  /** Of the failures; not discounted. */
  expectedCost: number;
}

export interface ReplacementPlan {
  /** In the order given; null is never. */
  plan: { id: string; year: number | null }[];
  presentCost: number;
  withoutPlanCost: number;
  /** No plan within the money costs less. */
  lowerBound: number;
  /** How far the plan may be from the best one, as a share. */
  gap: number;
  byYear: ReplacementYear[];
}

/**
 * Which valves to replace in which year so that replacing and failing together cost least within each year's money.
 *
 * @param given horizon, discount rate, money a year, valves with age, life and costs in one currency
 * @returns the year of each valve, what that costs and no plan can be below, and each year's figures
 * Source: discrete renewal in whole years; relaxation of the yearly budgets with its gap.
 *
 * @example
 * replacementPlan({ years: 10, discountRate: 0.04, yearlyBudget: 5000, valves }).gap // 0.002
 */
export function replacementPlan(given: ReplacementCase): ReplacementPlan {
  const { years, discountRate, valves } = given;
  const budgets = budgetsOf(given);
  const costs = valves.map((valve) => planningCosts(valve, years, discountRate));
  const found = planWithinBudgets({
    present: costs.map(({ present }) => present),
    cost: valves.map(({ cost }) => cost),
    budget: [0, ...budgets],
  });
  return {
    plan: valves.map(({ id }, at) => ({ id, year: found.year[at] || null })),
    presentCost: found.presentCost,
    withoutPlanCost: costs.reduce((sum, { present: [never = 0] }) => sum + never, 0),
    lowerBound: found.lowerBound,
    gap: gapOf(found),
    byYear: yearsOfPlan(valves, costs, found.year, years),
  };
}

/**
 * What a plan spends and what still fails in each year.
 *
 * @param valves  as planned
 * @param costs   of each, in the same order
 * @param planned year of each, 0 for never
 * @param years   the horizon
 *
 * @example
 * yearsOfPlan([oldGate], [costs], [1], 10)[0].spend // 420
 */
export function yearsOfPlan(
  valves: readonly PlannedValve[],
  costs: readonly PlanningCosts[],
  planned: readonly number[],
  years: number,
): ReplacementYear[] {
  return Array.from({ length: years }, (_, at) => {
    const year = at + 1;
    let spend = 0;
    let failures = 0;
    let expectedCost = 0;
    costs.forEach((ofValve, valve) => {
      const plannedFor = planned[valve] ?? 0;
      if (plannedFor === year) spend += valves[valve]?.cost ?? 0;
      const expected = failuresInYear(ofValve, plannedFor, year);
      failures += expected;
      expectedCost += expected * ofValve.eachFailure;
    });
    return { year, spend, expectedFailures: failures, expectedCost };
  });
}

/** The money of each year. */
function budgetsOf({ yearlyBudget, years }: ReplacementCase): readonly number[] {
  return typeof yearlyBudget === 'number' ? new Array<number>(years).fill(yearlyBudget) : yearlyBudget;
}
