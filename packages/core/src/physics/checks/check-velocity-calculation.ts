import { calculation } from '../../ground/calculation/index.js';
import { choice, flag, number, optional, record } from '../../ground/input/index.js';
import { checkVelocity } from './check-velocity.js';
import { CHECK_TYPES } from './least-velocity.js';

export const checkVelocityCalculation = calculation({
  name: 'check-velocity',
  summary: 'Whether the flow holds a check valve fully open, and the size in which it would.',
  input: record({
    checkType: choice(CHECK_TYPES),
    diameterM: number({ unit: 'm', above: 0, meaning: "the pipe's bore" }),
    flowM3s: number({ unit: 'm3/s', min: 0 }),
    densityKgM3: number({ unit: 'kg/m3', above: 0 }),
    clearWay: optional(flag('check-swing only: the flapper lifts clear of the stream')),
  }),
  gives: {
    velocityMs: 'm/s in the pipe',
    minimumMs: 'm/s that hold the disc fully open',
    fullyOpen: 'whether the flow does',
    suggestedDn: 'DN: the largest standard size it holds fully open, given when its own is not',
  },
  notes: ['Below the least velocity the disc hangs in the flow, chatters and wears.'],
  basis: {
    method: 'Least velocity that lifts the disc fully, v = j sqrt(1/rho).',
    source:
      'Crane TP-410 for swing, tilting and lift checks; generic factors of the same form for the others.',
    limits: 'Clean liquid, a steady stream, pipe of the check’s own size ahead of it.',
    ignores: 'Bends and pumps close ahead, which shake a disc that just hangs.',
  },
  example: { checkType: 'check-swing', diameterM: 0.10226, flowM3s: 0.005, densityKgM3: 998.2 },
  run: checkVelocity,
});
