import type { Medium } from '../../../ground/media/index.js';
import type { ValveFunction, ValveType } from '../../../ground/valves/index.js';
import type { Condition } from '../../../judgement/walk/index.js';
import type { DrillLevel, DrillTrade } from '../made-drill.js';

/** Old valves alike: each fact is drawn from what is found. */
export interface OldValves {
  level: DrillLevel;
  trade: DrillTrade;
  types: readonly ValveType[];
  media: readonly Medium[];
  functions: readonly ValveFunction[];
  dn: readonly number[];
  turning: readonly Condition['turning'][];
  /** Since it was last operated; undefined where nobody knows. */
  yearsUnturned: readonly (number | undefined)[];
}

const COLD: readonly Medium[] = ['potable-cold', 'heating-water', 'irrigation'];
const ISOLATE: readonly ValveFunction[] = ['isolate'];

/** What stands in old buildings, and how it is found. */
export const OLD_VALVES: readonly OldValves[] = [
  {
    level: 1,
    trade: 'water',
    types: ['gate-solid'],
    media: COLD,
    functions: ISOLATE,
    dn: [15, 20, 25, 40, 50, 80],
    turning: ['seized'],
    yearsUnturned: [undefined, 8, 15],
  },
  {
    level: 1,
    trade: 'water',
    types: ['ball', 'quarter-turn-stop'],
    media: ['potable-cold', 'heating-water'],
    functions: ISOLATE,
    dn: [15, 20, 25],
    turning: ['freely', 'stiff'],
    yearsUnturned: [0, 1, 2],
  },
  {
    level: 1,
    trade: 'gas',
    types: ['plug-taper'],
    media: ['natural-gas', 'lp-gas'],
    functions: ISOLATE,
    dn: [15, 20, 25],
    turning: ['seized'],
    yearsUnturned: [undefined, 20],
  },
  {
    level: 2,
    trade: 'water',
    types: ['gate-solid'],
    media: COLD,
    functions: ISOLATE,
    dn: [20, 25, 40, 50, 80, 100],
    turning: ['freely', 'not-tried', undefined],
    yearsUnturned: [undefined, 1, 2, 5, 12],
  },
  {
    level: 2,
    trade: 'gas',
    types: ['ball', 'butterfly-gas-cock'],
    media: ['natural-gas', 'lp-gas'],
    functions: ISOLATE,
    dn: [15, 20, 25],
    turning: ['seized', 'freely'],
    yearsUnturned: [undefined, 1, 6],
  },
  {
    level: 2,
    trade: 'steam',
    types: ['relief'],
    media: ['steam-low', 'heating-water'],
    functions: ['relieve'],
    dn: [20, 25],
    turning: ['seized'],
    yearsUnturned: [undefined, 3],
  },
  {
    level: 3,
    trade: 'gas',
    types: ['plug-taper'],
    media: ['natural-gas', 'lp-gas'],
    functions: ISOLATE,
    dn: [15, 20, 25],
    turning: ['not-tried', undefined],
    yearsUnturned: [undefined, 15],
  },
  {
    level: 3,
    trade: 'sewage',
    types: ['plug-eccentric', 'knife-gate'],
    media: ['raw-sewage'],
    functions: ISOLATE,
    dn: [80, 100, 150],
    turning: ['seized', 'freely'],
    yearsUnturned: [1, 4, undefined],
  },
  {
    level: 3,
    trade: 'fire',
    types: ['gate-resilient', 'butterfly-resilient'],
    media: ['fire-water'],
    functions: ISOLATE,
    dn: [80, 100, 150],
    turning: ['seized', 'freely'],
    yearsUnturned: [0, 1, 4],
  },
];
