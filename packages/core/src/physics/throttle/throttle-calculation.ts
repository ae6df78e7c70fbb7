import { calculation } from '../../ground/calculation/index.js';
import { choice, flag, list, number, optional, record } from '../../ground/input/index.js';
import { CHARACTERISTICS } from '../../ground/valves/index.js';
import { throttle } from './throttle.js';

export const throttleCalculation = calculation({
  name: 'throttle',
  summary: 'What a part-open valve does on its line: flow, loss, cavitation and the useful handle range.',
  input: record({
    characteristic: choice(CHARACTERISTICS),
    openKv: number({ unit: 'm3/h at 1 bar', above: 0 }),
    systemKv: number({ unit: 'm3/h at 1 bar', above: 0, meaning: 'everything else in series' }),
    availablePressurePa: number({ unit: 'Pa', above: 0, meaning: 'across both' }),
    upstreamPressurePa: number({
      unit: 'Pa gauge',
      min: -101_325,
      meaning: 'ahead of the valve at zero flow',
    }),
    systemUpstream: optional(flag('the rest lies ahead of the valve')),
    vapourPressureAbsPa: optional(
      number({ unit: 'Pa absolute', above: 0, max: 22.064e6, meaning: 'default 2339' }),
    ),
    densityKgM3: optional(number({ unit: 'kg/m3', above: 0, meaning: 'default 998.2' })),
    recoveryFactor: optional(
      number({ above: 0, max: 1, meaning: 'F_L; by the characteristic unless given' }),
    ),
    openings: optional(list(number({ min: 0, max: 1 }), { least: 1, most: 1000 })),
  }),
  gives: {
    authority: 'drop of the open valve over all that is available',
    points:
      'an opening each: opening, relativeKv, kv, flowM3s, flowFraction, valveDropPa, sigma, state (quiet, incipient, choked)',
    usefulBand: 'openings from and to, between a tenth and nine tenths of the full flow',
    resolution: 'change of the flow fraction for one per cent of travel, at its steepest',
  },
  notes: ['Where it chokes, valveDropPa is what the rest leaves at the choked flow.'],
  basis: {
    method:
      'Resistances in series; choked flow by the recovery factor F_L; incipient cavitation by an index for each family.',
    source: 'IEC 60534-2-1; generic characteristics, a maker’s curve wins.',
    limits: 'Liquids, turbulent, the rest of the line one fixed resistance.',
    ignores: 'Fittings right beside the valve, play in the stem, and what wear does to the seat.',
  },
  example: {
    characteristic: 'globe-linear',
    openKv: 10,
    systemKv: 10,
    availablePressurePa: 2e5,
    upstreamPressurePa: 4e5,
  },
  run: throttle,
});
