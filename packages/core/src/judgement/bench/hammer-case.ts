import { kvFromK, valveResistance } from '../../physics/loss/index.js';
import { PIPE_FACTS } from '../../ground/pipes/index.js';
import { type ClosingRun, type Duty, lineOfRun, pipeBoreM, usualWaveSpeedMs } from '../selection/index.js';
import type { ClosureLaw, SurgeInput } from '../../physics/surge/index.js';
import { type ValveType, valveTypeFacts } from '../../ground/valves/index.js';
import type { BenchValve } from './bench-valve.js';
import { type Filled, given } from './filled.js';

/** One closing on one run of pipe. */
export interface HammerCase extends ClosingRun {
  /** How the opening falls while the handle moves evenly. */
  law: ClosureLaw;
  closingS: number;
  /** What the weakest part carries, Pa gauge. */
  limitPa: number;
}

const ASSUMED_LENGTH_M = 30;
const ASSUMED_WAVE_MS = 1200;
const ASSUMED_VELOCITY_MS = 2;
const ASSUMED_ROUGHNESS_M = 4.5e-5;
const ASSUMED_CLOSING_S = 0.3;
const ASSUMED_PA = 4e5;
const ASSUMED_C = 20;
/** Over the standing pressure, where nothing tells the weakest part. */
const ASSUMED_LIMIT = 1.5;
/** Reflections followed after the valve is shut. */
const FOLLOWED_REFLECTIONS = 6;

/**
 * A closing at a position with its duty filled in.
 *
 * @param duty  what is not known there is assumed, and said to be
 * @param valve gives the way it shuts, the time a hand takes, and the limit of the weakest part
 *
 * @example
 * hammerCase({ ...duty, flowM3s: 5e-4 }, benchValve(duty, 'ball')).closingS // { value: 0.15, from: 'valve' }
 */
export function hammerCase(duty: Duty, valve: BenchValve): Filled<HammerCase> {
  const { pipe, flowM3s, surgeLimitPa } = duty;
  const bore = pipeBoreM(duty);
  const diameterM = bore ?? duty.dn / 1000;
  const pressurePa = given(ASSUMED_PA, ['duty', duty.pressurePa]);
  return {
    lengthM: given(ASSUMED_LENGTH_M, ['duty', pipe?.lengthUpstreamM || undefined]),
    diameterM: given(diameterM, ['pipe', bore]),
    waveSpeedMs: given(ASSUMED_WAVE_MS, ['duty', pipe?.waveSpeedMs], ['pipe', usualWaveSpeedMs(duty)]),
    pressurePa,
    flowM3s: given((Math.PI / 4) * diameterM ** 2 * ASSUMED_VELOCITY_MS, ['duty', flowM3s || undefined]),
    temperatureC: given(ASSUMED_C, ['duty', duty.temperatureC]),
    roughnessM: given(ASSUMED_ROUGHNESS_M, ['pipe', pipe && PIPE_FACTS[pipe.material].roughnessM]),
    law: { value: valve.law, from: 'valve' },
    closingS: given(
      ASSUMED_CLOSING_S,
      ['valve', valve.ownClosingS],
      ['duty', duty.closureTimeS],
      ['valve', valve.closesInS],
    ),
    limitPa: given(pressurePa.value * ASSUMED_LIMIT, ['duty', surgeLimitPa], ['valve', valve.limitPa]),
  };
}

/**
 * The case as `surge` takes it, followed until the waves have come back a few times.
 *
 * @example
 * hammerInput(valuesOf(hammerCase(duty, valve))).closure // { law: 'ball', timeS: 0.3 }
 */
export function hammerInput(of: HammerCase): SurgeInput & { waveSpeedMs: number } {
  const { surge, criticalS } = lineOfRun(of);
  return {
    ...surge,
    closure: { law: of.law, timeS: of.closingS },
    durationS: of.closingS + FOLLOWED_REFLECTIONS * criticalS,
  };
}

/** Kv of an open valve of a type in a pipe, by the handbook; of what loses by its capacity, as a globe. */
export function usualKv(type: ValveType, diameterM: number): number {
  const counted = valveTypeFacts(type).lossMultiple !== undefined || type.startsWith('butterfly');
  return kvFromK(valveResistance({ type: counted ? type : 'globe' }, diameterM), diameterM);
}
