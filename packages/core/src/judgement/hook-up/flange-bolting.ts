import type { FLANGED_ENDS } from '../../ground/valves/index.js';

/** Bolting of one drilling: pieces, thread and flange thickness by size. */
interface Bolting {
  source: string;
  sizes: Readonly<Record<number, readonly [count: number, thread: string, flangeM: number]>>;
}

export type Drilling = (typeof FLANGED_ENDS)[number];

const INCH_THREADS: Bolting['sizes'] = {
  15: [4, '1/2', 0.0112],
  20: [4, '1/2', 0.0127],
  25: [4, '1/2', 0.0143],
  32: [4, '1/2', 0.0159],
  40: [4, '1/2', 0.0175],
  50: [4, '5/8', 0.0191],
  65: [4, '5/8', 0.0224],
  80: [4, '5/8', 0.0239],
  100: [8, '5/8', 0.0239],
  125: [8, '3/4', 0.0239],
  150: [8, '3/4', 0.0254],
  200: [8, '3/4', 0.0284],
  250: [12, '7/8', 0.0302],
  300: [12, '7/8', 0.0318],
  350: [12, '1', 0.0351],
  400: [16, '1', 0.0366],
  450: [16, '1 1/8', 0.0396],
  500: [20, '1 1/8', 0.0429],
  600: [20, '1 1/4', 0.0478],
};

/** Drilling by flange. Class 125 is drilled as class 150 and taken as thick. */
export const FLANGE_BOLTING: Readonly<Partial<Record<Drilling, Bolting>>> = {
  'flange-150': { source: 'ASME B16.5 class 150', sizes: INCH_THREADS },
  'flange-125': { source: 'ASME B16.1 class 125', sizes: INCH_THREADS },
  'flange-pn16': {
    source: 'EN 1092-1 PN16, type 11',
    sizes: {
      15: [4, 'M12', 0.016],
      20: [4, 'M12', 0.018],
      25: [4, 'M12', 0.018],
      32: [4, 'M16', 0.018],
      40: [4, 'M16', 0.018],
      50: [4, 'M16', 0.018],
      65: [8, 'M16', 0.018],
      80: [8, 'M16', 0.02],
      100: [8, 'M16', 0.02],
      125: [8, 'M16', 0.022],
      150: [8, 'M20', 0.022],
      200: [12, 'M20', 0.024],
      250: [12, 'M24', 0.026],
      300: [12, 'M24', 0.028],
      350: [16, 'M24', 0.03],
      400: [16, 'M27', 0.032],
      450: [20, 'M27', 0.04],
      500: [20, 'M30', 0.044],
      600: [20, 'M33', 0.054],
    },
  },
};

/** Face to face of a body between flanges, m. Source: ISO 5752 series 20 (API 609 category A) for butterflies, API 594 for dual plates. */
const BETWEEN_FLANGES: Readonly<Record<'butterfly' | 'dual-plate', Readonly<Record<number, number>>>> = {
  butterfly: {
    50: 0.043,
    65: 0.046,
    80: 0.046,
    100: 0.052,
    125: 0.056,
    150: 0.056,
    200: 0.06,
    250: 0.068,
    300: 0.078,
    350: 0.078,
    400: 0.102,
    450: 0.114,
    500: 0.127,
    600: 0.154,
  },
  'dual-plate': {
    50: 0.06,
    65: 0.067,
    80: 0.073,
    100: 0.073,
    150: 0.098,
    200: 0.127,
    250: 0.146,
    300: 0.181,
  },
};

const GASKET_M = 0.003;
const QUARTER_INCH_M = 0.00635;
/** Threads that stand out of a nut. */
const PROUD_M = 0.005;

/** One pattern of bolts: how many, which thread, how long. */
export interface BoltSet {
  count: number;
  thread: string;
  lengthM: number;
}

const diameterM = (thread: string): number => {
  if (thread.startsWith('M')) return Number(thread.slice(1)) / 1000;
  const [whole = '0', fraction] = thread.includes(' ')
    ? thread.split(' ')
    : thread.includes('/')
      ? ['0', thread]
      : [thread];
  const [top = 0, bottom = 1] = (fraction ?? '0/1').split('/').map(Number);
  return (Number(whole) + top / bottom) * 0.0254;
};

/** Bolts are bought by the quarter inch, or by 5 mm. */
const step = (thread: string): number => (thread.startsWith('M') ? 0.005 : QUARTER_INCH_M);
/** Whole steps, without the dust of binary fractions. */
const steps = (count: number, thread: string): number => Number((count * step(thread)).toFixed(6));
const upTo = (lengthM: number, thread: string): number =>
  steps(Math.ceil(lengthM / step(thread) - 1e-9), thread);
const downTo = (lengthM: number, thread: string): number =>
  steps(Math.floor(lengthM / step(thread) + 1e-9), thread);

/** Bolting by size of a drilling; of one that no table here covers, none. */
export const flangeSizes = (drilling: Drilling): Bolting['sizes'] => FLANGE_BOLTING[drilling]?.sizes ?? {};

/**
 * The bolts of one flanged joint, or of a body held between two flanges.
 *
 * @param drilling  of the flange
 * @param dn        nominal size
 * @param body      what is held: two flanges face to face, a wafer (bolts go right through) or a lug (a set of cap screws from each side)
 * @param body.kind  of the valve, for its face to face
 * @param body.gasket whether a gasket lies on each face
 * @returns count for the joint (of a lug for one side), thread, length in m rounded to what is sold; undefined where no table covers the size
 * Source: drilling and thickness as in FLANGE_BOLTING; length = what is clamped + nut of the bolt's own diameter + 5 mm, rounded up; a cap
 * screw stops 3 mm short of the middle of the lug, rounded down.
 *
 * @example
 * boltSet('flange-150', 100, { as: 'flanges' }) // { count: 8, thread: '5/8', lengthM: 0.0762 }
 */
export function boltSet(
  drilling: Drilling,
  dn: number,
  body: { as: 'flanges' } | { as: 'wafer' | 'lug'; kind: 'butterfly' | 'dual-plate'; gasket: boolean },
): BoltSet | undefined {
  const row = flangeSizes(drilling)[dn];
  if (!row) return undefined;
  const [count, thread, flangeM] = row;
  const nutM = diameterM(thread);
  if (body.as === 'flanges')
    return { count, thread, lengthM: upTo(2 * flangeM + GASKET_M + nutM + PROUD_M, thread) };
  const faceM = BETWEEN_FLANGES[body.kind][dn];
  if (faceM === undefined) return undefined;
  const gasketsM = body.gasket ? GASKET_M : 0;
  return body.as === 'wafer'
    ? { count, thread, lengthM: upTo(2 * flangeM + faceM + 2 * (gasketsM + nutM + PROUD_M), thread) }
    : { count, thread, lengthM: downTo(flangeM + gasketsM + faceM / 2 - 0.003, thread) };
}

/** T-bolts of one mechanical joint. Source: AWWA C111. */
export const GLAND_BOLTS: Readonly<Record<number, readonly [count: number, thread: string]>> = {
  50: [2, '5/8'],
  80: [4, '5/8'],
  100: [4, '3/4'],
  150: [6, '3/4'],
  200: [6, '3/4'],
  250: [8, '3/4'],
  300: [8, '3/4'],
  350: [10, '3/4'],
  400: [12, '3/4'],
  450: [12, '3/4'],
  500: [14, '3/4'],
  600: [16, '3/4'],
};
