import { calculation } from '../../ground/calculation/index.js';
import { type Field, InvalidInput, list, number, record, refuse, text } from '../../ground/input/index.js';
import { replacementPlan } from './replacement-plan.js';

const money = number({ min: 0, max: 1e12, meaning: 'in the company’s currency' });
const moneyOfYears = list(money, { least: 1, most: 50 });
const budget: Field<number | readonly number[]> = {
  takes: 'a number of 0 or more, or a list of one a year',
  meaning: 'for every year, or one a year; what is left over is lost',
  schema: { oneOf: [money.schema, moneyOfYears.schema] },
  read(value, path) {
    if (Array.isArray(value)) return moneyOfYears.read(value, path);
    if (typeof value !== 'number') throw refuse(path, value, budget.takes);
    return money.read(value, path);
  },
};

export const replacementPlanCalculation = calculation({
  name: 'replacement-plan',
  summary:
    'Which valves to replace in which year, so that replacing and failing together cost least within each year’s money.',
  input: record({
    years: number({ unit: 'years', integer: true, min: 1, max: 50 }),
    discountRate: number({ above: -0.5, max: 1, meaning: 'a year, as a share' }),
    yearlyBudget: budget,
    valves: list(
      record({
        id: text(80, 'unique'),
        ageYears: number({ unit: 'years', min: 0, max: 200 }),
        life: record({
          shape: number({ above: 0, max: 20 }),
          scaleYears: number({ unit: 'years', above: 0, max: 1000, meaning: '63 % have failed by then' }),
        }),
        cost: money,
        failure: record({ replaceCost: money, damageCost: money, chance: number({ min: 0, max: 1 }) }),
      }),
      { most: 20_000 },
    ),
  }),
  gives: {
    plan: 'one a valve, in the order given: id, year (1 is now, null is never)',
    presentCost: 'of the plan: failures and planned replacements, discounted',
    withoutPlanCost: 'the same where nothing is replaced before it fails',
    lowerBound: 'no plan within the money costs less',
    gap: 'presentCost / lowerBound - 1',
    byYear: 'year, spend, expectedFailures, expectedCost (of the failures, not discounted)',
  },
  notes: [
    'Emergencies do not count against the money of a year.',
    'Lives are judgements from practice, not statistics.',
  ],
  basis: {
    method:
      'Discrete renewal in whole years. The yearly money is relaxed with prices; what that proposes is repaired and improved by moves, and counted out where the valves are few.',
    source: 'Weibull distribution; renewal theory; Lagrangian relaxation.',
    limits: 'Whole years; each valve is replaced by plan once at most.',
    ignores: 'What is left of a life at the end, prices that rise, places that one shutdown serves together.',
  },
  example: {
    years: 10,
    discountRate: 0.04,
    yearlyBudget: 900,
    valves: [
      {
        id: 'CW-101',
        ageYears: 22,
        life: { shape: 1.8, scaleYears: 15 },
        cost: 420,
        failure: { replaceCost: 900, damageCost: 8000, chance: 0.3 },
      },
      {
        id: 'CW-102',
        ageYears: 3,
        life: { shape: 3, scaleYears: 34 },
        cost: 380,
        failure: { replaceCost: 800, damageCost: 2000, chance: 0.2 },
      },
    ],
  },
  run(given) {
    refuseUnfit(given);
    return replacementPlan(given);
  },
});

function refuseUnfit({
  years,
  yearlyBudget,
  valves,
}: {
  years: number;
  yearlyBudget: number | readonly number[];
  valves: readonly { id: string }[];
}): void {
  if (typeof yearlyBudget !== 'number' && yearlyBudget.length !== years)
    throw new InvalidInput(
      'yearlyBudget',
      `yearlyBudget has ${yearlyBudget.length} entries: give one for each of the ${years} years, or one number for all.`,
    );
  const seen = new Set<string>();
  for (const [at, { id }] of valves.entries()) {
    if (seen.has(id))
      throw new InvalidInput(
        `valves[${at}].id`,
        `valves[${at}].id is "${id}", which an earlier valve has: give each valve an id of its own.`,
      );
    seen.add(id);
  }
}
