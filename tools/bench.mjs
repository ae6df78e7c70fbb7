// Speed as ratios against a named baseline in the same run.
import { performance } from 'node:perf_hooks';
import { build, installPackages } from './setup/installation.mjs';

await installPackages();
await build('core');
const core = await import('@grevik/core');

/** Median time of a work, ms. @param {() => unknown} work @param {number} [rounds] */
function median(work, rounds = 15) {
  for (let warm = 0; warm < 3; warm += 1) work();
  const times = Array.from({ length: rounds }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)] ?? 0;
}

/** @param {string} name @param {number} ms @param {string} baseline @param {number} baselineMs */
function report(name, ms, baseline, baselineMs) {
  console.log(
    `${name}: ${ms.toFixed(2)} ms median, ${(ms / baselineMs).toFixed(1)} x ${baseline} (${baselineMs.toFixed(2)} ms)`,
  );
}

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
const candidates = Array.from({ length: 10_000 }, (_, index) => ({ ...kinds[index % kinds.length] }));
const select = core.findCalculation('select');
if (!select) throw new Error('select is not registered');

const copying = median(() => candidates.map((candidate) => ({ ...candidate })));
report(
  'select over 10,000 candidates',
  median(() => core.select(duty, /** @type {import('@grevik/core').Candidate[]} */ (candidates))),
  'copying them',
  copying,
);
report(
  'the same, read from JSON as a calculation',
  median(() => core.calculate(select, { duty, candidates })),
  'copying them',
  copying,
);

const water = { densityKgM3: 998.2, viscosityPaS: 1.002e-3 };
const flows = Array.from({ length: 100_000 }, (_, index) => index * 1e-7);
const explicit = median(() => flows.map((flow) => 0.02 * flow ** 2));
report(
  'pipe-loss over 100,000 flows',
  median(() =>
    flows.map((flow) => core.pipeLoss({ diameterM: 0.05, roughnessM: 1.5e-6, lengthM: 10 }, water, flow)),
  ),
  'one multiplication each',
  explicit,
);
