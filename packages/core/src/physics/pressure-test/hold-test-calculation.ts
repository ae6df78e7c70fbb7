import { calculation } from '../../ground/calculation/index.js';
import { type RecordOf, choice, list, number, optional, record } from '../../ground/input/index.js';
import { holdTest } from './hold-test.js';
import { HELD_PIPE_MATERIALS } from './water-column.js';

/** Three weeks at one reading a second, near enough. */
export const MOST_SAMPLES = 2_000_000;

/** Everything of a hold but its samples. */
export const holdGivenFields = {
  kind: choice(['air', 'water'] as const, 'what the line is filled with'),
  testPressurePa: number({ unit: 'Pa gauge', above: 0 }),
  holdS: number({ unit: 's', above: 0 }),
  allowedDropPa: optional(number({ unit: 'Pa', min: 0, meaning: 'default 0' })),
  gaugeResolutionPa: optional(
    number({ unit: 'Pa', min: 0, meaning: 'smallest step of the gauge; default 0' }),
  ),
  volumeM3: optional(number({ unit: 'm3', above: 0, meaning: 'of the line, for the size of a leak' })),
  atmosphericPa: optional(number({ unit: 'Pa absolute', above: 0, meaning: 'default 101325' })),
  pipe: optional(
    record(
      {
        material: choice(HELD_PIPE_MATERIALS),
        insideDiameterM: number({ unit: 'm', above: 0 }),
        wallM: number({ unit: 'm', above: 0 }),
      },
      'of a line full of water: without it the pressure is not corrected for temperature',
    ),
  ),
};
/** A hold as it is begun: what it is judged by. */
export const holdGivenInput = record(holdGivenFields);
export type HoldGiven = RecordOf<typeof holdGivenFields>;

export const holdTestCalculation = calculation({
  name: 'hold-test',
  summary: 'Whether a line under pressure holds, corrected for temperature.',
  input: record({
    ...holdGivenFields,
    samples: list(
      record({
        timeS: number({ unit: 's', meaning: 'rising' }),
        pressurePa: number({ unit: 'Pa gauge' }),
        temperatureC: optional(number({ unit: 'degrees C', above: -273.15, meaning: 'of the pipe' })),
      }),
      { least: 1, most: MOST_SAMPLES },
    ),
  }),
  gives: {
    verdict: '`holds`, `leaks` or `not-proved`',
    reason: 'why it is not proved: `under-pressure`, `too-short`, `too-few`, `temperature-unknown`, `rising`',
    allowancePa: 'Pa that the pressure may move: the larger of the drop allowed and twice the gauge’s step',
    startS: 's, the first sample at the test pressure',
    endS: 's, the last sample used',
    firstPa: 'Pa gauge as read at the start',
    lastPa: 'Pa gauge as read at the end',
    slopePaS: 'Pa/s of the corrected pressure, by least squares',
    dropPa: 'Pa that it falls in the time held, by that slope',
    temperatureEffectPa: 'Pa of the change as read that warmth made',
    leakM3s: 'm3/s that leave, of air at atmospheric pressure; where it leaks and the volume is known',
  },
  notes: [
    'Nothing but `holds` passes a test.',
    'Never test plastic with air: it stores energy and shatters.',
    'PEX, PVC and HDPE stretch: pump up again for 30 minutes before the window starts.',
  ],
  basis: {
    method: 'Pressures taken to the temperature of the start; a straight line through them.',
    source: 'Gas law for air; for water its expansion against that of the wall, 1/K + D/(E e).',
    limits: 'A closed line, one temperature in all of it, the gauge on it the whole time.',
    ignores:
      'Air trapped in a line full of water, which hides a leak; valves that leak by from the other side.',
  },
  example: {
    kind: 'air',
    testPressurePa: 345_000,
    holdS: 20,
    samples: [
      { timeS: 0, pressurePa: 345_000, temperatureC: 15 },
      { timeS: 10, pressurePa: 344_226, temperatureC: 14.5 },
      { timeS: 20, pressurePa: 343_451, temperatureC: 14 },
    ],
    allowedDropPa: 100,
  },
  run: holdTest,
});
