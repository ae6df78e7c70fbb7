import type { Candidate, Duty } from '../../index.js';
import type { Claim } from './claim.js';

const main = { medium: 'potable-cold', place: 'buried', dn: 150, pressurePa: 6e5 } as const;
const wedge = { type: 'gate-resilient', operator: 'operating-nut', stem: 'nrs' } as const;
const disc = { type: 'butterfly-resilient', operator: 'gear' } as const;
const plug = { type: 'plug-eccentric', operator: 'gear' } as const;
const pump = {
  dn: 150,
  startsPerHour: 4,
  surgeLimitPa: 1e6,
  flowM3s: 0.03,
  pipe: { material: 'steel', lengthUpstreamM: 600 },
} as const;
const powered = { type: 'ball', operator: 'electric' } as const;
const purge = { function: 'purge', medium: 'natural-gas', pressurePa: 1700 } as const;

/** What the rules on large lines and of the house-rule settings say. */
export const WATERWORKS_CLAIMS: readonly Claim[] = [
  ['mains-isolation', main, wedge, 'supports'],
  ['mains-isolation', { ...main, dn: 50 }, wedge, undefined],
  ['mains-isolation', { ...main, dn: 400 }, wedge, undefined],
  ['mains-isolation', { ...main, dn: 400 }, disc, 'supports'],
  ['mains-isolation', { ...main, medium: 'fire-water' }, wedge, 'supports'],
  ['mains-isolation', { ...main, place: 'indoors' }, wedge, undefined],
  ['butterfly-clean-water', { dn: 80 }, disc, 'supports'],
  ['butterfly-clean-water', { dn: 65 }, disc, undefined],
  ['butterfly-clean-water', { dn: 80, solids: 'grit' }, disc, undefined],
  ['butterfly-clean-water', { dn: 80, medium: 'natural-gas' }, { type: 'butterfly-gas-cock' }, undefined],
  ['plug-shaft', { medium: 'raw-sewage', dn: 150 }, plug, 'advice'],
  ['plug-shaft', { dn: 150 }, plug, undefined],
  ['unknown-closeTimeS', pump, powered, 'care'],
  ['pump-control-ball', pump, { ...powered, closeTimeS: 60 }, 'supports'],
  ['pump-control-ball', pump, { operator: 'lever' }, 'out'],
  ['pump-control-ball', pump, { ...powered, closeTimeS: 2 }, 'care'],
  [
    'pump-control-ball',
    pump,
    { type: 'butterfly-resilient', operator: 'hydraulic', closeTimeS: 60 },
    'supports',
  ],
  ['pump-control-ball', pump, { type: 'butterfly-resilient', operator: 'gear' }, undefined],
  ['unknown-operator', pump, { type: 'butterfly-resilient', operator: undefined }, 'care'],
  ['pump-control-ball', { dn: 150, startsPerHour: 4 }, { operator: 'lever' }, 'out'],
  ['gear-from', { dn: 200 }, { type: 'butterfly-resilient', operator: 'notch-lever' }, 'care'],
  ['gear-from', { dn: 150 }, { type: 'butterfly-resilient', operator: 'notch-lever' }, undefined],
  ['gear-from', { dn: 150 }, { operator: 'lever' }, 'care'],
  ['gear-from', { dn: 200 }, plug, undefined],
  ['gear-from', { dn: 200 }, { type: 'gate-resilient', operator: 'handwheel' }, undefined],
  ['relief-free-way', { function: 'relieve' }, { type: 'relief' }, 'advice'],
  [
    'reducer-shuts-way-back',
    { function: 'reduce-pressure', medium: 'potable-cold' },
    { type: 'pressure-reducing' },
    'advice',
  ],
  ['reducer-shuts-way-back', { function: 'reduce-pressure' }, { type: 'pressure-reducing' }, undefined],
  ['frost-cavity', { place: 'outdoors', temperatureC: 2 }, {}, 'care'],
  ['frost-cavity', { place: 'outdoors', temperatureC: 10 }, {}, undefined],
  ['frost-cavity', { place: 'outdoors', temperatureC: 2 }, { type: 'globe' }, undefined],
  ['stops-side', { dn: 15 }, { type: 'quarter-turn-stop' }, 'supports'],
  ['stops-side', { dn: 15 }, { type: 'compression-stop' }, undefined],
  ['riser-purge', purge, { type: 'plug-lubricated' }, 'supports'],
  ['riser-purge', { ...purge, function: 'isolate' }, { type: 'plug-lubricated' }, undefined],
] satisfies readonly [string, Partial<Duty>, Partial<Candidate>, Claim[3]][];
