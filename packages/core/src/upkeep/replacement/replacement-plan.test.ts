import fc from 'fast-check';
import { InvalidInput } from '../../ground/input/index.js';
import { expectedFailures } from '../life/index.js';
import { relaxBudgets } from './budget-relaxation.js';
import {
  type PlannedValve,
  chanceInYearFromAge,
  failuresInYear,
  planningCosts,
  replacementPlan,
  replacementPlanCalculation,
} from './index.js';
import { planWithinBudgets } from './plan-within-budgets.js';

const valve = (more: Partial<PlannedValve> = {}): PlannedValve => ({
  id: 'CW-101',
  ageYears: 20,
  life: { shape: 2, scaleYears: 15 },
  cost: 400,
  failure: { replaceCost: 900, damageCost: 5000, chance: 0.2 },
  ...more,
});
const money = fc.integer({ min: 50, max: 5000 });
const valves = (least: number, most: number) =>
  fc
    .array(
      fc.record({
        ageYears: fc.integer({ min: 0, max: 60 }),
        life: fc.record({
          shape: fc.double({ min: 1, max: 4, noNaN: true }),
          scaleYears: fc.double({ min: 5, max: 40, noNaN: true }),
        }),
        cost: money,
        failure: fc.record({
          replaceCost: money,
          damageCost: fc.integer({ min: 0, max: 20_000 }),
          chance: fc.double({ min: 0, max: 1, noNaN: true }),
        }),
      }),
      { minLength: least, maxLength: most },
    )
    .map((all) => all.map((one, at): PlannedValve => ({ ...one, id: `V-${at}` })));

/** The cheapest plan, every plan tried. */
function cheapest(all: readonly PlannedValve[], years: number, rate: number, budget: number): number {
  const costs = all.map((one) => planningCosts(one, years, rate).present);
  const left = new Array<number>(years + 1).fill(budget);
  const down = (at: number): number => {
    const one = all[at];
    if (!one) return 0;
    let least = Infinity;
    for (let year = 0; year <= years; year += 1) {
      if (year > 0 && one.cost > left[year]! + 1e-9) continue;
      if (year > 0) left[year]! -= one.cost;
      least = Math.min(least, costs[at]![year]! + down(at + 1));
      if (year > 0) left[year]! += one.cost;
    }
    return least;
  };
  return down(0);
}

describe('a valve of an age', () => {
  it('fails as a new one does where it is new, and without ageing at any age', () => {
    const { asItIs, renewed } = planningCosts(valve({ ageYears: 0 }), 8, 0.03);
    asItIs.forEach((expected, at) => expect(expected).toBeCloseTo(renewed[at] ?? 0, 12));
    const life = { shape: 1, scaleYears: 10 };
    expect(chanceInYearFromAge(life, 25, 3)).toBeCloseTo(chanceInYearFromAge(life, 0, 3), 12);
  });

  it('far past its life is sure to fail within the year, not a figure that is none', () => {
    expect(chanceInYearFromAge({ shape: 4, scaleYears: 2 }, 100, 1)).toBeCloseTo(1, 12);
    expect(chanceInYearFromAge({ shape: 4, scaleYears: 2 }, 100, 2)).toBeCloseTo(0, 12);
  });

  it('costs what was written down by hand for each year planned', () => {
    const one = valve();
    const { present, asItIs, eachFailure } = planningCosts(one, 2, 0.1);
    const [first = 0, second = 0] = expectedFailures(one.life, 2);
    expect(eachFailure).toBe(1900);
    expect(present[0]).toBeCloseTo((asItIs[0]! * 1900) / 1.1 + (asItIs[1]! * 1900) / 1.21, 9);
    expect(present[1]).toBeCloseTo(400 + (first * 1900) / 1.1 + (second * 1900) / 1.21, 9);
    expect(present[2]).toBeCloseTo((asItIs[0]! * 1900) / 1.1 + 400 / 1.1 + (first * 1900) / 1.21, 9);
  });

  it('counts its years anew from the planned one', () => {
    const costs = planningCosts(valve(), 5, 0);
    expect(failuresInYear(costs, 3, 2)).toBe(costs.asItIs[1]);
    expect(failuresInYear(costs, 3, 3)).toBe(costs.renewed[0]);
    expect(failuresInYear(costs, 0, 5)).toBe(costs.asItIs[4]);
  });
});

describe('a plan within the money of each year', () => {
  it('is the best there is where that can be counted out', () => {
    fc.assert(
      fc.property(valves(7, 7), fc.integer({ min: 0, max: 6000 }), (all, budget) => {
        const { presentCost, lowerBound } = replacementPlan({
          years: 3,
          discountRate: 0.05,
          yearlyBudget: budget,
          valves: all,
        });
        const best = cheapest(all, 3, 0.05, budget);
        expect(presentCost).toBeLessThanOrEqual(best * 1.005);
        expect(lowerBound).toBeLessThanOrEqual(best * (1 + 1e-9));
      }),
      { numRuns: 40 },
    );
  });

  it('never spends more than a year has, never costs more than no plan, and adds up', () => {
    fc.assert(
      fc.property(
        valves(1, 80),
        fc.array(fc.integer({ min: 0, max: 8000 }), { minLength: 4, maxLength: 4 }),
        (all, yearlyBudget) => {
          const plan = replacementPlan({ years: 4, discountRate: 0.03, yearlyBudget, valves: all });
          plan.byYear.forEach(({ spend }, at) => expect(spend).toBeLessThanOrEqual(yearlyBudget[at]! + 1e-6));
          expect(plan.presentCost).toBeLessThanOrEqual(plan.withoutPlanCost * (1 + 1e-12));
          expect(plan.gap).toBeGreaterThanOrEqual(0);
          const discounted = plan.byYear.reduce(
            (sum, { year, spend, expectedCost }) =>
              sum + spend / 1.03 ** (year - 1) + expectedCost / 1.03 ** year,
            0,
          );
          expect(discounted).toBeCloseTo(plan.presentCost, 4);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('of 5,000 valves over ten years is within one per cent, the same each time', () => {
    const random = fc.sample(valves(5000, 5000), { seed: 7, numRuns: 1 })[0]!;
    const given = { years: 10, discountRate: 0.04, yearlyBudget: 300_000, valves: random };
    const plan = replacementPlan(given);
    expect(plan.gap).toBeLessThanOrEqual(0.01);
    expect(replacementPlan(given)).toEqual(plan);
  });

  it('plans nothing without money, and everything that pays where there is enough', () => {
    const nothing = replacementPlan({ years: 5, discountRate: 0, yearlyBudget: 0, valves: [valve()] });
    expect(nothing.plan).toEqual([{ id: 'CW-101', year: null }]);
    expect(nothing.presentCost).toBe(nothing.withoutPlanCost);
    expect(replacementPlan({ years: 5, discountRate: 0, yearlyBudget: 400, valves: [valve()] }).plan).toEqual(
      [{ id: 'CW-101', year: 1 }],
    );
    expect(replacementPlan({ years: 5, discountRate: 0, yearlyBudget: 400, valves: [] }).gap).toBe(0);
  });

  it('prices money that is short, and bounds the plan from below', () => {
    expect(relaxBudgets({ present: [[100, 60]], cost: [50], budget: [0, 0] }, 100).bound).toBeCloseTo(100, 1);
    expect(planWithinBudgets({ present: [[100, 60]], cost: [50], budget: [0, 50] })).toEqual({
      year: [1],
      presentCost: 60,
      lowerBound: 60,
    });
  });

  it('refuses ids given twice and a budget for other years', () => {
    const given = { years: 2, discountRate: 0, yearlyBudget: 1, valves: [valve(), valve()] };
    expect(() => replacementPlanCalculation.run(given)).toThrow('valves[1].id is "CW-101"');
    expect(() => replacementPlanCalculation.run({ ...given, valves: [valve()], yearlyBudget: [1] })).toThrow(
      InvalidInput,
    );
  });
});
