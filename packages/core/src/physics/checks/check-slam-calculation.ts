import { calculation } from '../../ground/calculation/index.js';
import { choice, number, optional, record } from '../../ground/input/index.js';
import { checkSlam } from './check-slam.js';
import { CHECK_TYPES } from './least-velocity.js';

export const checkSlamCalculation = calculation({
  name: 'check-slam',
  summary: 'What a check valve does when the flow stops: reverse velocity, slam and disc movement.',
  input: record({
    checkType: choice(CHECK_TYPES),
    dn: number({ unit: 'DN', integer: true, above: 0, max: 3000 }),
    flowVelocityMs: number({ unit: 'm/s', min: 0 }),
    decelerationMs2: number({ unit: 'm/s2', above: 0 }),
    orientation: choice(['horizontal', 'vertical-up'], 'direction of flow'),
    waveSpeedMs: number({ unit: 'm/s', above: 0 }),
    densityKgM3: optional(number({ unit: 'kg/m3', above: 0, meaning: 'default 998.2' })),
    springs: optional(number({ min: 0, max: 100, meaning: "multiple of the usual spring's force" })),
    discMassKg: optional(number({ unit: 'kg', above: 0 })),
  }),
  gives: {
    reverseVelocityMs: 'm/s at which it seats',
    slamPa: 'Pa, rho a v of the reverse column',
    closeTimeS: 's from the beginning of the fall',
    grade: 'soft under 100 kPa, audible to 300 kPa, slam above',
    series: 'timeS, flowVelocityMs, opening',
  },
  notes: [],
  basis: {
    method:
      'The flow falls evenly; the disc is carried along by it and falls the rest by its own weight and spring; the column that has turned round by then stops dead, rho a v.',
    source:
      'Closed form of our own, in its doc block, with generic figures of travel, weight and spring; a maker’s test wins.',
    limits: 'One stop of the pump, one check valve and the column of water behind it.',
    ignores:
      'Dashpots and air cushions, the drag of the reversing flow on the disc, and grit that holds it open.',
  },
  example: {
    checkType: 'check-swing',
    dn: 150,
    flowVelocityMs: 2.5,
    decelerationMs2: 4,
    orientation: 'horizontal',
    waveSpeedMs: 1100,
  },
  run: checkSlam,
});
