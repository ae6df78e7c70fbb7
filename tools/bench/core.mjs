// The core: judging a catalogue, and one formula.
import * as core from '@grevik/core';
import { median, report } from './measure.mjs';

/** @type {import('@grevik/core').Duty} */
const duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 517107,
  temperatureC: 10,
  flowM3s: 5e-4,
  pipe: { material: 'copper', lengthUpstreamM: 19 },
  orientation: 'horizontal',
  place: 'indoors',
  hardWater: true,
  operatedPerYear: 1,
};
/** @type {import('@grevik/core').Candidate[]} */
const kinds = [
  {
    type: 'ball',
    port: 'full',
    seatMaterial: 'ptfe',
    ratingId: 'body-brass-600cwp',
    operator: 'lever',
    ends: ['press', 'press'],
    approvals: ['potable'],
    unitPrice: 20,
    lifeYears: [25, 35],
  },
  {
    type: 'gate-solid',
    stem: 'nrs',
    ratingId: 'body-bronze-125',
    operator: 'handwheel',
    ends: ['sweat', 'sweat'],
    approvals: ['potable'],
    unitPrice: 13,
    lifeYears: [5, 15],
  },
  {
    type: 'globe',
    discMaterial: 'epdm',
    ratingId: 'body-bronze-125',
    operator: 'handwheel',
    ends: ['fip', 'fip'],
    approvals: ['potable'],
    unitPrice: 18,
    lifeYears: [8, 15],
  },
  {
    type: 'butterfly-resilient',
    seatMaterial: 'epdm',
    operator: 'gear',
    ends: ['lug', 'lug'],
    approvals: [],
  },
];
// Every candidate has a price of its own, so that no two score alike by accident.
const candidates = Array.from({ length: 10_000 }, (_, index) => {
  const kind = kinds[index % kinds.length];
  return {
    ...kind,
    ...(kind?.unitPrice !== undefined && { unitPrice: kind.unitPrice + (index % 997) / 100 }),
  };
});
const select = core.findCalculation('select');
if (!select) throw new Error('select is not registered');

const copying = await median(() => candidates.map((candidate) => ({ ...candidate })));
report(
  'select over 10,000 candidates',
  await median(() => core.select(duty, /** @type {import('@grevik/core').Candidate[]} */ (candidates))),
  'copying them',
  copying,
);
// The least favourable catalogue: every bore differs, so that no verdict can be shared.
const unlike = JSON.parse(
  JSON.stringify(candidates.map((candidate, index) => ({ boreM: 0.019 + index * 1e-7, ...candidate }))),
);
report(
  'the same where no two are alike',
  await median(() => core.select(duty, /** @type {import('@grevik/core').Candidate[]} */ (unlike))),
  'copying them',
  copying,
);
report(
  'the same, read from JSON as a calculation',
  await median(() => core.calculate(select, { duty, candidates })),
  'copying them',
  copying,
);

const water = { densityKgM3: 998.2, viscosityPaS: 1.002e-3 };
const flows = Array.from({ length: 100_000 }, (_, index) => index * 1e-7);
const explicit = await median(() => flows.map((flow) => 0.02 * flow ** 2));
report(
  'pipe-loss over 100,000 flows',
  await median(() =>
    flows.map((flow) => core.pipeLoss({ diameterM: 0.05, roughnessM: 1.5e-6, lengthM: 10 }, water, flow)),
  ),
  'one multiplication each',
  explicit,
);
