import type { ValveType } from '@grevik/core';

/** What can be wrong inside, as a drawing shows it. */
export type Fault = 'scale' | 'egg' | 'over-tightened' | 'drawn-down';

type Point = readonly [x: number, y: number];

interface Marks {
  /** Where it wears, in the drawing's own units. */
  wears: readonly Point[];
  /** Where scale settles first. */
  scale?: readonly Point[];
  /** Where a stem that is forced gives way. */
  cracks?: Point;
}

const DISC: Marks = {
  wears: [
    [80, 82],
    [100, 82],
  ],
  scale: [
    [72, 88],
    [108, 88],
  ],
  cracks: [90, 58],
};
const TURNED_DISC: Marks = {
  wears: [
    [68, 82],
    [93, 82],
  ],
  scale: [
    [70, 100],
    [91, 104],
  ],
  cracks: [80, 54],
};
const SHAFT: Marks = {
  wears: [
    [90, 48],
    [90, 84],
  ],
  scale: [
    [60, 81],
    [118, 81],
  ],
};
const SWING: Marks = {
  wears: [
    [78, 58],
    [71, 98],
  ],
};

/** Where each type wears and where its faults sit. */
export const MARKS: Readonly<Record<ValveType, Marks>> = {
  ball: {
    wears: [
      [61, 54],
      [119, 54],
    ],
    scale: [
      [66, 88],
      [90, 94],
      [112, 88],
    ],
  },
  'ball-3-way': {
    wears: [
      [61, 34],
      [119, 34],
    ],
    scale: [
      [80, 78],
      [102, 76],
    ],
  },
  'gate-solid': {
    wears: [
      [76, 76],
      [104, 76],
    ],
    scale: [
      [84, 106],
      [96, 106],
    ],
    cracks: [90, 60],
  },
  'gate-resilient': {
    wears: [[90, 102]],
    scale: [
      [60, 101],
      [120, 101],
    ],
  },
  'knife-gate': {
    wears: [
      [82, 58],
      [84, 72],
    ],
    scale: [[90, 112]],
  },
  globe: DISC,
  'globe-y': { wears: [[86, 78]], scale: [[66, 92]] },
  angle: TURNED_DISC,
  'compression-stop': DISC,
  'compression-stop-angle': TURNED_DISC,
  'quarter-turn-stop': {
    wears: [
      [76, 66],
      [104, 66],
    ],
    scale: [[90, 80]],
  },
  needle: { wears: [[90, 84]], scale: [[70, 103]], cracks: [90, 50] },
  'radiator-disc': { wears: [[80, 80]], scale: [[70, 100]] },
  'radiator-metering': { wears: [[90, 50]], scale: [[70, 103]] },
  'butterfly-resilient': SHAFT,
  'butterfly-metal': SHAFT,
  'butterfly-gas-cock': { wears: [[90, 66]] },
  'plug-taper': {
    wears: [
      [69, 60],
      [111, 60],
    ],
  },
  'plug-lubricated': {
    wears: [
      [69, 60],
      [111, 60],
    ],
  },
  'plug-eccentric': {
    wears: [
      [62, 62],
      [96, 62],
    ],
    scale: [
      [80, 94],
      [112, 94],
    ],
  },
  'plug-3-way': {
    wears: [
      [66, 50],
      [114, 50],
    ],
    scale: [[80, 78]],
  },
  diaphragm: { wears: [[90, 72]] },
  solenoid: {
    wears: [
      [90, 84],
      [69, 36],
    ],
    scale: [[88, 96]],
  },
  'pressure-reducing': {
    wears: [
      [90, 94],
      [90, 57],
    ],
    scale: [[60, 102]],
  },
  relief: {
    wears: [[90, 84]],
    scale: [
      [80, 88],
      [100, 88],
    ],
  },
  'check-swing': SWING,
  'check-swing-spring': { wears: [...SWING.wears, [110, 50]] },
  'check-swing-weighted': SWING,
  'check-spring-inline': {
    wears: [
      [104, 62],
      [70, 78],
    ],
    scale: [[92, 86]],
  },
  'check-lift-horizontal': { wears: [[90, 82]], scale: [[72, 88]] },
  'check-lift-vertical': { wears: [[90, 84]], scale: [[80, 70]] },
  'check-ball': { wears: [[98, 58]] },
  'check-dual-plate': { wears: [[87, 60]] },
  'check-tilting': { wears: [[90, 60]] },
};

/** What can be shown wrong with a type. */
export function faultsOf(type: ValveType): Fault[] {
  const { scale, cracks } = MARKS[type];
  return [
    ...(scale ? (['scale'] as const) : []),
    ...(cracks ? (['over-tightened'] as const) : []),
    ...(type === 'check-ball' ? (['egg'] as const) : []),
    ...(type === 'plug-taper' ? (['drawn-down'] as const) : []),
  ];
}

/** How far it still moves with a fault: scale stops it short at both ends, a broken stem turns alone, a plug drawn down grips. */
export function openingWith(fault: Fault | undefined, opening: number): number {
  if (fault === 'scale') return Math.min(0.85, Math.max(0.12, opening));
  if (fault === 'over-tightened') return 0.06;
  if (fault === 'drawn-down') return 0.55;
  return opening;
}
