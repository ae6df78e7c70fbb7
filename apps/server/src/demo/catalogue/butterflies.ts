import type { CatalogueModel } from '@grevik/core';
import { sizes } from './sizes.js';

/** Butterfly valves. */
export const BUTTERFLIES: readonly CatalogueModel[] = [
  {
    maker: 'Saltholm',
    model: 'R16',
    type: 'butterfly-resilient',
    bodyMaterial: 'ductile-iron',
    seatMaterial: 'epdm',
    operator: 'notch-lever',
    ends: ['lug', 'lug'],
    points: [
      { temperatureC: 0, pressurePa: 1600000 },
      { temperatureC: 110, pressurePa: 1600000 },
    ],
    approvals: ['potable'],
    lifeYears: [15, 25],
    sizes: sizes(
      [50, 0, 85, 96],
      [65, 0, 165, 104],
      [80, 0, 260, 118],
      [100, 0, 520, 146],
      [150, 0, 1280, 214],
    ),
  },
  {
    maker: 'Saltholm',
    model: 'R16F',
    type: 'butterfly-resilient',
    bodyMaterial: 'ductile-iron',
    seatMaterial: 'epdm',
    operator: 'gear',
    listedIndicating: true,
    closeTimeS: 12,
    ends: ['grooved', 'grooved'],
    points: [
      { temperatureC: 0, pressurePa: 2068427 },
      { temperatureC: 110, pressurePa: 2068427 },
    ],
    approvals: ['fire', 'potable'],
    lifeYears: [15, 25],
    sizes: sizes([65, 0, 165, 268], [80, 0, 260, 291], [100, 0, 520, 338], [150, 0, 1280, 467]),
  },
  {
    maker: 'Saltholm',
    model: 'R16W',
    type: 'butterfly-resilient',
    bodyMaterial: 'ductile-iron',
    seatMaterial: 'epdm',
    operator: 'notch-lever',
    ends: ['wafer', 'wafer'],
    ratingId: 'body-butterfly-150b',
    approvals: ['potable'],
    lifeYears: [15, 25],
    sizes: sizes([80, 0, 0, 88], [100, 0, 0, 104], [150, 0, 0, 162]),
  },
];
