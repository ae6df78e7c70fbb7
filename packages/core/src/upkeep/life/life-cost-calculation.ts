import { calculation } from '../../ground/calculation/index.js';
import { list, number, optional, record, text } from '../../ground/input/index.js';
import { lifeCost } from './life-cost.js';

const money = number({ min: 0, max: 1e12, meaning: 'in the company’s currency' });
const share = number({ min: 0, max: 1 });
const factor = optional(number({ above: 0, max: 100, meaning: 'scales the life; default 1' }));

export const lifeCostCalculation = calculation({
  name: 'life-cost',
  summary: 'What valves cost over the years: bought, kept, failed and replaced.',
  input: record({
    horizonYears: number({ unit: 'years', integer: true, min: 1, max: 200 }),
    discountRate: number({ above: -0.5, max: 1, meaning: 'a year, as a share' }),
    options: list(
      record({
        name: text(80),
        purchase: money,
        install: money,
        maintenancePerYear: money,
        life: record({
          shape: number({ above: 0, max: 20 }),
          scaleYears: number({ unit: 'years', above: 0, max: 1000, meaning: '63 % have failed by then' }),
        }),
        failure: record({ replaceCost: money, damageCost: money, chance: share }),
      }),
      { least: 1, most: 100 },
    ),
    factors: optional(record({ exercised: factor, hardness: factor, chloramine: factor })),
  }),
  gives: {
    options:
      'one an option: name, presentCost, expectedFailures, byYear (year, expectedFailures, cost, not discounted), chanceOfNoFailure',
    breakEvenYear:
      'the first whole year in which the running present costs of the first two cross; left out where they never do',
  },
  notes: ['A failed valve is replaced like for like.', 'Lives are judgements from practice, not statistics.'],
  basis: {
    method: 'Discrete renewal in whole years; costs discounted at the end of their year.',
    source: 'Weibull distribution; renewal theory.',
    limits: 'One life for all of one option; horizon in whole years.',
    ignores: 'Prices that rise, what is left of a life at the end.',
  },
  example: {
    horizonYears: 20,
    discountRate: 0.04,
    options: [
      {
        name: 'compression stop',
        purchase: 6,
        install: 25,
        maintenancePerYear: 1,
        life: { shape: 2, scaleYears: 18 },
        failure: { replaceCost: 160, damageCost: 900, chance: 0.05 },
      },
      {
        name: 'quarter-turn stop',
        purchase: 11,
        install: 25,
        maintenancePerYear: 0.5,
        life: { shape: 2.5, scaleYears: 35 },
        failure: { replaceCost: 160, damageCost: 900, chance: 0.05 },
      },
    ],
  },
  run: lifeCost,
});
