import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import { walkBeside } from '@grevik/core';

export const BALL: ModelView = {
  id: 'ball',
  version: 0,
  retired: false,
  maker: 'Ostrand',
  model: '21P',
  type: 'ball',
  port: 'full',
  pieces: 2,
  bodyMaterial: 'dzr-brass',
  seatMaterial: 'ptfe',
  operator: 'lever',
  ends: ['press', 'press'],
  ratingId: 'body-brass-600cwp',
  approvals: ['potable'],
  lifeYears: [25, 35],
  sizes: [{ dn: 20, kv: 41, price: 21.9 }],
};
export const NYLON: ModelView = {
  ...BALL,
  id: 'nylon',
  version: 0,
  retired: false,
  maker: 'Brindlow',
  model: '14N',
  seatMaterial: 'nylon',
};
export const GATE: ModelView = {
  id: 'gate',
  version: 0,
  retired: false,
  maker: 'Kell & Vane',
  model: '6S',
  type: 'gate-solid',
  bodyMaterial: 'bronze',
  stem: 'nrs',
  operator: 'handwheel',
  ends: ['sweat', 'sweat'],
  ratingId: 'body-bronze-125',
  approvals: ['potable'],
  lifeYears: [5, 15],
  sizes: [{ dn: 20, price: 13.1 }],
};
export const LARGE: ModelView = {
  ...BALL,
  id: 'large',
  version: 0,
  retired: false,
  maker: 'Saltholm',
  model: 'R16',
  sizes: [{ dn: 100, price: 146 }],
};

export const POSITION: PositionView = {
  id: 'p1',
  tag: 'CW-103',
  remarks: 'café branch, in the back wall',
  version: 4,
  changed: null,
  pick: null,
  hookUp: {},
  condition: {},
  coordinates: null,
  photos: [],
  duty: {
    function: 'isolate',
    dn: 20,
    pressurePa: 517106.797,
    temperatureC: 10,
    flowM3s: 5e-4,
    pipe: { material: 'copper', lengthUpstreamM: 18.8976 },
    orientation: 'horizontal',
    place: 'concealed',
    operatedPerYear: 1,
    hardWater: true,
  },
};

export const LINE: LineView = {
  facts: {},
  factsVersion: 0,
  handedOverAt: null,
  id: 'line',
  jobId: 'job',
  name: 'Domestic cold',
  medium: 'potable-cold',
  positions: [POSITION],
  walk: { version: 0, items: walkBeside([], ['p1']) },
};
