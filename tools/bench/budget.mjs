// Budgets: planning 5,000 valves over ten years, against working out their costs alone.
import * as core from '@grevik/core';
import { median, report } from './measure.mjs';

const YEARS = 10;
let state = 12_345;
const random = () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
/** @type {import('@grevik/core').PlannedValve[]} */
const valves = Array.from({ length: 5_000 }, (_, at) => ({
  id: `V-${at}`,
  ageYears: Math.floor(random() * 50),
  life: { shape: 1 + 3 * random(), scaleYears: 5 + 40 * random() },
  cost: 50 + 3_000 * random(),
  failure: { replaceCost: 100 + 3_000 * random(), damageCost: 20_000 * random(), chance: random() },
}));

const ROUNDS = 3;
const costs = await median(() => valves.map((valve) => core.planningCosts(valve, YEARS, 0.04)), ROUNDS);
for (const yearlyBudget of [50_000, 300_000, 1_500_000]) {
  let gap = 0;
  const planned = await median(() => {
    ({ gap } = core.replacementPlan({ years: YEARS, discountRate: 0.04, yearlyBudget, valves }));
  }, ROUNDS);
  report(
    `5,000 valves planned over 10 years with ${yearlyBudget} a year, gap ${(gap * 100).toFixed(3)} %`,
    planned,
    'their costs worked out alone',
    costs,
  );
}
