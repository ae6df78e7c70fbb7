import type { PartId } from '@grevik/core';

/** How a part is drawn in the row: a width, and lines about the axis y = 0 with the bore 13 to each side. */
export interface PartShape {
  width: number;
  /** Cut metal above the axis; it is mirrored below. */
  metal?: string;
  /** Brass, rubber and plastic that seals or parts, above the axis. */
  seal?: string;
  /** Outlines without filling, above the axis: threads, bolts. */
  lines?: string;
}

/** A wall from one radius out to another, over a stretch of the axis. */
const wall = (from: number, to: number, outer: number, inner = 13): string =>
  `M${from} ${-inner}V${-outer}H${to}V${-inner}Z`;
const thread = (from: number, to: number, radius: number): string => {
  let d = '';
  for (let x = from; x < to; x += 3) d += `M${x} ${-radius}l3 -3`;
  return d;
};
/** A bolt along the axis with its head on the left, nuts where given. */
const bolt = (from: number, to: number, radius: number, ...nuts: number[]): string =>
  [
    `M${from} ${-radius - 5}h5v10h-5Z`,
    `M${from + 5} ${-radius - 2}H${to}v4H${from + 5}`,
    ...nuts.map((x) => `M${x} ${-radius - 5}h5v10h-5Z`),
  ].join('');

export const PART_SHAPES: Partial<Record<PartId, PartShape>> = {
  adapter: {
    width: 44,
    metal: `M0 -16V-21H16V-24H26V-19H44V-13H16V-16Z`,
    lines: thread(28, 42, 17),
  },
  'listed-thread-adapter': {
    width: 44,
    metal: `M0 -15V-19H15V-26H29V-19H44V-13H0Z`,
    lines: thread(1, 14, 17) + thread(30, 43, 17),
  },
  'reinforced-female': { width: 30, metal: wall(0, 30, 20), seal: wall(8, 22, 25, 20) },
  coupling: { width: 34, metal: wall(0, 34, 22, 16), lines: thread(2, 32, 16) },
  reducer: { width: 36, metal: 'M0 -17V-24H10L26 -19H36V-13H26L10 -17Z' },
  union: { width: 48, metal: `${wall(0, 14, 20)}${wall(34, 48, 20)}${wall(14, 34, 28, 16)}` },
  'dielectric-union': {
    width: 48,
    metal: `${wall(0, 14, 20)}${wall(34, 48, 20)}${wall(16, 34, 28, 19)}`,
    seal: wall(14, 18, 28),
  },
  'insulating-kit': { width: 9, seal: wall(1, 8, 42) },
  flange: { width: 28, metal: `M0 -13V-19H16V-43H28V-13Z`, lines: 'M16 -34H28M16 -28H28' },
  'ring-gasket': { width: 7, seal: wall(1, 6, 26) },
  'full-face-gasket': { width: 7, seal: wall(1, 6, 43) },
  bolts: { width: 44, lines: bolt(1, 42, 32, 30) },
  'through-bolts': { width: 78, lines: bolt(1, 76, 32, 58, 66) },
  'cap-screws': { width: 34, lines: bolt(1, 32, 32) },
  'gland-set': {
    width: 38,
    metal: wall(0, 9, 42, 18),
    seal: 'M12 -15V-22L20 -15Z',
    lines: bolt(10, 36, 34, 26),
  },
  restraint: { width: 20, metal: 'M0 -17V-38H14L20 -22V-17Z', lines: 'M5 -38v-6h5v6' },
  'push-on-gasket': { width: 12, seal: 'M1 -14V-24H6L11 -14Z' },
  'grooved-coupling': {
    width: 34,
    metal: 'M0 -16V-28H34V-16H29V-22H5V-16Z',
    seal: wall(9, 25, 22, 16),
    lines: 'M6 -28v-6h22v6',
  },
  'fusion-coupling': { width: 38, metal: wall(0, 38, 23, 16), lines: 'M6 -19h26M6 -17h26' },
  'tube-fitting': { width: 44, metal: 'M0 -13V-20H12V-26H26V-19H44V-13Z', lines: thread(28, 42, 17) },
  'own-tail': { width: 46, metal: `${wall(0, 28, 17)}${wall(24, 44, 27, 18)}`, lines: thread(1, 16, 15) },
  'supply-tube': {
    width: 60,
    metal: `${wall(0, 44, 8, 5)}${wall(34, 52, 22, 9)}`,
    seal: 'M54 -6V-11L60 -6Z',
  },
  'hose-washer': { width: 8, seal: wall(1, 7, 18) },
  'nut-and-ferrule': { width: 30, metal: wall(0, 18, 25, 16), seal: 'M21 -14V-18L28 -14Z' },
  'flare-nut': { width: 24, metal: wall(0, 20, 25, 16), lines: 'M20 -16L24 -20' },
  'tube-insert': { width: 22, seal: wall(0, 22, 13, 10) },
  'pex-ring': { width: 16, metal: wall(3, 13, 20, 16) },
  'expansion-ring': { width: 20, seal: wall(2, 18, 20, 16) },
  stub: { width: 32, metal: wall(0, 32, 16) },
};

/** The end of the pipe with its break line. */
export const PIPE_END: PartShape = { width: 42, metal: wall(0, 42, 16), lines: 'M0 -18q4 4 0 9t0 9' };
