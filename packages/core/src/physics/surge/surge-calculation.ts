import { calculation } from '../../ground/calculation/index.js';
import { InvalidInput, choice, flag, number, optional, record } from '../../ground/input/index.js';
import { PIPE_FACTS } from '../../ground/pipes/index.js';
import { CLOSURE_LAWS } from './closure.js';
import { type SurgeInput, surge } from './surge.js';

const WALLS = ['steel', 'ductile-iron', 'copper', 'pvc', 'cpvc', 'pex', 'hdpe'] as const;

const input = record({
  lengthM: number({ unit: 'm', above: 0 }),
  diameterM: number({ unit: 'm', above: 0 }),
  frictionFactor: number({ min: 0, meaning: 'Darcy, constant; 0 allowed' }),
  waveSpeedMs: optional(number({ unit: 'm/s', above: 0 })),
  pipeWall: optional(
    record(
      {
        material: optional(choice(WALLS)),
        elasticModulusPa: optional(number({ unit: 'Pa', above: 0 })),
        wallM: number({ unit: 'm', above: 0 }),
        restraint: optional(number({ above: 0, meaning: 'c; default 1' })),
      },
      'in place of waveSpeedMs',
    ),
  ),
  bulkModulusPa: optional(number({ unit: 'Pa', above: 0, meaning: 'default 2.19e9' })),
  densityKgM3: optional(number({ unit: 'kg/m3', above: 0, meaning: 'default 998.2' })),
  sourceHeadM: number({ unit: 'm above the valve', min: 0 }),
  initialFlowM3s: number({ unit: 'm3/s', min: 0 }),
  closure: record({
    law: choice(CLOSURE_LAWS),
    timeS: optional(number({ unit: 's', min: 0 })),
    startS: optional(number({ unit: 's', min: 0 })),
    peakLimitPa: optional(
      number({ unit: 'Pa gauge', above: 0, meaning: 'in place of timeS: solves for the time' }),
    ),
  }),
  durationS: number({ unit: 's', above: 0 }),
  reaches: optional(number({ integer: true, min: 1, max: 100_000, meaning: 'default 50' })),
  vapourPressureAbsPa: optional(number({ unit: 'Pa absolute', min: 0, meaning: 'default 2339' })),
  series: optional(flag('false leaves it out')),
  envelope: optional(flag('false leaves it out')),
});

export const surgeCalculation = calculation({
  name: 'surge',
  summary:
    'Water hammer from closing a valve at the end of a pipe, and the shortest closing time that stays under a limit.',
  input,
  gives: {
    waveSpeedMs: 'm/s',
    criticalTimeS: 's, 2L/a',
    joukowskyPa: 'Pa, rho a v',
    steadyPa: 'Pa gauge at the valve before it is shut',
    peakPa: 'Pa gauge at the valve',
    troughPa: 'Pa gauge at the valve',
    risePa: 'Pa, peak less steady',
    rapid: 'whether it shuts within 2L/a',
    cavitates: 'whether the water boils somewhere; the peak after it is then a lower bound',
    timeS: 's, the shortest closing under the limit, to one per cent, where peakLimitPa was given',
    series: 'at the valve, a step each: timeS, pressurePa, flowM3s',
    envelope: 'along the pipe from the source: distanceM, maxPa, minPa',
  },
  notes: [],
  basis: {
    method:
      'Method of characteristics at Courant number 1, constant Darcy friction; the valve by its characteristic.',
    source: 'Wylie and Streeter, Fluid Transients; wave speed by Korteweg.',
    limits: 'One level pipe of one size from a source that keeps its head to a valve that discharges freely.',
    ignores:
      'Branches, air in the line, friction that grows as it shakes, and what parted columns do when they meet again: heads are held at boiling, and the peak after it is a lower bound.',
  },
  example: {
    lengthM: 100,
    diameterM: 0.1,
    frictionFactor: 0.02,
    waveSpeedMs: 1200,
    sourceHeadM: 50,
    initialFlowM3s: 0.01,
    closure: { law: 'ball', timeS: 1 },
    durationS: 2,
    reaches: 10,
    series: false,
  },
  run: ({ pipeWall, ...given }) => {
    refuseContradictions(given);
    return surge({ ...given, ...(pipeWall && { pipeWall: wallOf(pipeWall) }) });
  },
});

/** Refuses a closing that is told twice. */
function refuseContradictions({ closure }: Omit<SurgeInput, 'pipeWall'>): void {
  if (closure.timeS !== undefined && closure.peakLimitPa !== undefined)
    throw new InvalidInput(
      'closure.peakLimitPa',
      'closure.timeS and closure.peakLimitPa are both given: give only one of them.',
    );
}

function wallOf({
  material,
  elasticModulusPa,
  wallM,
  restraint,
}: {
  material?: (typeof WALLS)[number];
  elasticModulusPa?: number;
  wallM: number;
  restraint?: number;
}): NonNullable<SurgeInput['pipeWall']> {
  if (material !== undefined && elasticModulusPa !== undefined)
    throw new InvalidInput(
      'pipeWall.elasticModulusPa',
      'pipeWall.material and pipeWall.elasticModulusPa are both given: give only one of them.',
    );
  const modulus = elasticModulusPa ?? (material && PIPE_FACTS[material].elasticModulusPa);
  if (modulus === undefined)
    throw new InvalidInput(
      'pipeWall.material',
      'pipeWall.material is missing: give it, or elasticModulusPa.',
    );
  return { elasticModulusPa: modulus, wallM, ...(restraint !== undefined && { restraint }) };
}
