import { calculation } from '../../ground/calculation/index.js';
import { choice, list, number, optional, record } from '../../ground/input/index.js';
import { CHARACTERISTICS } from '../../ground/valves/index.js';
import { FUEL_GASES } from './fuel-gas.js';
import { gasPurge } from './gas-purge.js';

export const gasPurgeCalculation = calculation({
  name: 'gas-purge',
  summary: 'Purging a gas line through a sacrificial valve: opening, time and discharge.',
  input: record({
    segments: list(
      record({ insideDiameterM: number({ unit: 'm', above: 0 }), lengthM: number({ unit: 'm', min: 0 }) }),
      { least: 1, most: 1000 },
    ),
    gas: choice(FUEL_GASES),
    pressurePa: number({ unit: 'Pa gauge', above: 0 }),
    volumes: optional(number({ above: 0, meaning: "multiples of the line's volume; default 1.5" })),
    outlet: record({
      openKv: number({ unit: 'm3/h at 1 bar', above: 0 }),
      characteristic: choice(CHARACTERISTICS),
    }),
    excessFlowTripM3h: optional(number({ unit: 'm3/h at 15 degrees C and 1 atm', above: 0 })),
    tripMargin: optional(number({ above: 0, max: 1, meaning: 'default 0.8' })),
    opening: optional(number({ above: 0, max: 1 })),
  }),
  gives: {
    lineVolumeM3: 'm3',
    openings: 'at each tenth of the handle: opening, flowM3h at 15 degrees C and 1 atm, seconds',
    maxOpening: 'largest opening whose flow stays under the margin of the trip; left out without a trip',
    recommended: 'opening, flowM3h, seconds',
    wouldTripIfFullyOpen: 'whether the excess-flow valve would shut; left out without a trip',
    dischargeRule: 'outdoors-only or code-and-ventilation',
  },
  notes: [
    'By qualified people, to the utility’s specification: no ignition source, watched with a combustible-gas indicator.',
  ],
  basis: {
    method: 'Gas through the sacrificial valve by its Kv; so many volumes of the line at its pressure.',
    source: 'IEC 60534-2-1 for the flow; the purging table of NFPA 54 / IFGC for where it may go.',
    limits: 'A line held at its pressure while it is cleared; generic x_T for each kind of valve.',
    ignores: 'Air left in dead ends and mixed gas: the indicator decides when it is clear, not the clock.',
  },
  example: {
    segments: [{ insideDiameterM: 0.0525, lengthM: 30 }],
    gas: 'natural-gas',
    pressurePa: 13790,
    outlet: { openKv: 12, characteristic: 'ball' },
    excessFlowTripM3h: 60,
  },
  run: gasPurge,
});
