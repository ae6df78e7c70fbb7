import type { ValveType } from '../../../ground/valves/index.js';
import type { SpecEnd, SpecFamily, ValveSpec } from '../../../trade/order-wording/index.js';
import type { DrillLevel, DrillTrade } from '../made-drill.js';

type Drawn = { [F in keyof ValveSpec]?: readonly NonNullable<ValveSpec[F]>[] };

/** Valves that are ordered alike: each field is drawn from what it may be. */
export interface OrderedValves {
  level: DrillLevel;
  trade: DrillTrade;
  family: SpecFamily;
  type?: ValveType;
  fields: Drawn;
}

const both = (...styles: SpecEnd['style'][]): SpecEnd[][] =>
  styles.map((style) => [
    { side: 'in', style },
    { side: 'out', style },
  ]);

const TUBE_IN = [0.25, 0.375, 0.5];
const SUPPLIES: readonly SpecEnd[] = (
  ['sweat', 'press', 'push-fit', 'pex-barb', 'pex-expansion', 'fip'] as const
).map((style) => ({ side: 'supply', style }));
const STOP_ENDS: SpecEnd[][] = SUPPLIES.flatMap((supply) =>
  TUBE_IN.map((odIn): SpecEnd[] => [supply, { side: 'fixture', style: 'od-compression', odIn }]),
);
const DUAL_ENDS: SpecEnd[][] = SUPPLIES.flatMap((supply) =>
  TUBE_IN.slice(0, 2).map((odIn): SpecEnd[] => [
    supply,
    { side: 'fixture', style: 'od-compression', odIn: 0.375 },
    { side: 'fixture2', style: 'od-compression', odIn },
  ]),
);
const CWP = (...values: number[]): ValveSpec['rating'][] => values.map((value) => ({ kind: 'cwp', value }));
const CLASS = (...values: number[]): ValveSpec['rating'][] =>
  values.map((value) => ({ kind: 'class', value }));
const rated = (of: ValveSpec['rating'][]): NonNullable<ValveSpec['rating']>[] =>
  of.filter((one) => one !== undefined);

const SMALL_DN = [15, 20, 25, 32, 40, 50];

/** What is asked for level by level: stops; small bronze; steel and waterworks. Combinations as they are usually stocked. */
export const VALVES_TO_ORDER: readonly OrderedValves[] = [
  {
    level: 1,
    trade: 'water',
    family: 'stop',
    fields: {
      dn: [15],
      form: ['angle', 'straight'],
      action: ['quarter-turn', 'multi-turn'],
      ends: STOP_ENDS,
    },
  },
  {
    level: 1,
    trade: 'water',
    family: 'stop',
    fields: { dn: [15], form: ['dual-angle'], action: ['quarter-turn'], ends: DUAL_ENDS },
  },
  {
    level: 2,
    trade: 'water',
    family: 'bronze',
    type: 'ball',
    fields: {
      dn: SMALL_DN,
      ends: both('fip', 'sweat', 'press'),
      port: ['full', 'reduced'],
      body: ['brass', 'dzr-brass', 'bronze'],
      leadFree: [true],
      pieces: [2],
      seat: ['ptfe', 'reinforced-ptfe'],
      operator: ['lever', 'locking-lever', 'tee'],
      rating: rated(CWP(400, 600)),
      approvals: [['potable']],
    },
  },
  {
    level: 2,
    trade: 'gas',
    family: 'bronze',
    type: 'ball',
    fields: {
      dn: SMALL_DN,
      ends: both('fip'),
      port: ['full', 'reduced'],
      body: ['brass', 'plated-brass'],
      pieces: [2],
      seat: ['ptfe'],
      operator: ['lever', 'tee', 'locking-lever'],
      rating: rated(CWP(600)),
      approvals: [['gas']],
    },
  },
  {
    level: 2,
    trade: 'water',
    family: 'bronze',
    type: 'gate-solid',
    fields: {
      dn: SMALL_DN,
      ends: both('fip', 'sweat'),
      port: ['full'],
      body: ['bronze'],
      leadFree: [true],
      seat: ['metal'],
      stem: ['nrs', 'rising'],
      operator: ['handwheel'],
      rating: rated(CLASS(125, 150)),
      approvals: [['potable']],
    },
  },
  {
    level: 2,
    trade: 'steam',
    family: 'bronze',
    type: 'globe',
    fields: {
      dn: SMALL_DN,
      ends: both('fip'),
      port: ['standard'],
      body: ['bronze'],
      seat: ['metal'],
      disc: ['ptfe', 'metal'],
      operator: ['handwheel'],
      rating: rated(CLASS(150, 300)),
      approvals: [['steam']],
    },
  },
  {
    level: 3,
    trade: 'steam',
    family: 'steel',
    type: 'gate-solid',
    fields: {
      dn: [50, 65, 80, 100, 150, 200],
      ends: both('flange-300'),
      rating: rated(CLASS(300)),
      facing: ['rf'],
      body: ['A216 WCB', 'CF8M'],
      trim: [1, 5, 8],
      bonnet: ['bolted'],
      stem: ['os-y'],
      port: ['full'],
    },
  },
  {
    level: 3,
    trade: 'steam',
    family: 'steel',
    type: 'globe',
    fields: {
      dn: [15, 20, 25, 40, 50],
      ends: both('socket-weld', 'fip'),
      rating: rated(CLASS(800)),
      body: ['A105', 'F316'],
      trim: [5, 8, 12],
      bonnet: ['bolted', 'welded'],
      stem: ['os-y'],
      port: ['standard'],
    },
  },
  {
    level: 3,
    trade: 'water',
    family: 'waterworks',
    type: 'gate-resilient',
    fields: {
      dn: [80, 100, 150, 200, 300],
      ends: both('mechanical-joint', 'push-on'),
      body: ['ductile-iron'],
      stem: ['nrs'],
      rating: [{ kind: 'psi', value: 250 }],
      operator: ['operating-nut'],
      standard: ['AWWA C509', 'AWWA C515'],
      coating: ['epoxy'],
      opening: ['left', 'right'],
    },
  },
  {
    level: 3,
    trade: 'fire',
    family: 'waterworks',
    type: 'gate-resilient',
    fields: {
      dn: [80, 100, 150, 200],
      ends: both('flange-125'),
      body: ['ductile-iron'],
      stem: ['os-y'],
      rating: [{ kind: 'psi', value: 250 }],
      operator: ['handwheel'],
      standard: ['AWWA C515'],
      coating: ['epoxy'],
      opening: ['left'],
      approvals: [['fire']],
    },
  },
];
