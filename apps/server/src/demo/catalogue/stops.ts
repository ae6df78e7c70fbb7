import type { CatalogueModel } from '@grevik/core';
import { sizes } from './sizes.js';

const STOP = {
  maker: 'Fennick',
  bodyMaterial: 'plated-brass',
  ratingId: 'body-stop-125',
  approvals: ['potable'],
} satisfies Partial<CatalogueModel>;

/** What sits under a basin: supply side first, then the tube to the fixture. */
export const STOPS: readonly CatalogueModel[] = [
  {
    ...STOP,
    model: 'A3',
    type: 'compression-stop-angle',
    discMaterial: 'rubber',
    operator: 'round-handle',
    ends: ['sweat', 'od-compression'],
    lifeYears: [4, 10],
    spares: [
      { name: 'Washer and screw', price: 0.35, everyYears: 5 },
      { name: 'Round handle', price: 0.9 },
    ],
    sizes: sizes([15, 8, 1.3, 4.9]),
  },
  {
    ...STOP,
    model: 'S3',
    type: 'compression-stop',
    discMaterial: 'rubber',
    operator: 'round-handle',
    ends: ['fip', 'od-compression'],
    plasticStem: true,
    lifeYears: [4, 8],
    spares: [{ name: 'Washer and screw', price: 0.35, everyYears: 5 }],
    sizes: sizes([15, 8, 1.0, 4.2]),
  },
  {
    ...STOP,
    model: 'Q3',
    type: 'quarter-turn-stop',
    port: 'reduced',
    seatMaterial: 'ptfe',
    operator: 'lever',
    ends: ['press', 'od-compression'],
    lifeYears: [15, 25],
    spares: [
      { name: 'Lever', price: 1.1 },
      { name: 'Fixture nut and ferrule', price: 0.55 },
      { name: 'Extension for a deep wall', price: 3.4 },
    ],
    sizes: sizes([15, 8, 2.3, 7.6]),
  },
  {
    ...STOP,
    model: 'Q3X',
    type: 'quarter-turn-stop',
    port: 'reduced',
    seatMaterial: 'ptfe',
    operator: 'lever',
    ends: ['pex-barb', 'od-compression'],
    lifeYears: [15, 25],
    sizes: sizes([15, 8, 2.3, 7.1]),
  },
];
