import { flowShare, kvFromK, pipeLoss, restOfLineKv, valveResistance } from '../../physics/loss/index.js';
import {
  GRAVITY_MS2,
  waterVapourPressureAbsPa,
  waterViscosityPaS,
  withinWaterRangeC,
} from '../../ground/media/index.js';
import { PIPE_FACTS } from '../../ground/pipes/index.js';
import {
  type Duty,
  liquidDensityKgM3,
  movingColumn,
  pipeBoreM,
  usualWaveSpeedMs,
} from '../selection/index.js';
import { type SurgeInput, fewestReaches } from '../../physics/surge/index.js';
import {
  type CharacteristicName,
  type ValveType,
  relativeKv,
  valveTypeFacts,
} from '../../ground/valves/index.js';
import type { BenchValve } from './bench-valve.js';
import { type Filled, given } from './filled.js';

/** One closing on one run of pipe. */
export interface HammerCase {
  /** Back to the first large volume, m. */
  lengthM: number;
  diameterM: number;
  waveSpeedMs: number;
  /** Standing, at the valve, Pa gauge. */
  pressurePa: number;
  flowM3s: number;
  temperatureC: number;
  roughnessM: number;
  /** How the valve shuts with its handle. */
  characteristic: CharacteristicName;
  /** Open, m3/h at 1 bar: how much of the pressure the valve itself takes. */
  openKv: number;
  closingS: number;
  /** What the weakest part carries, Pa gauge. */
  limitPa: number;
}

const ASSUMED_LENGTH_M = 30;
const ASSUMED_WAVE_MS = 1200;
const ASSUMED_VELOCITY_MS = 2;
const ASSUMED_ROUGHNESS_M = 4.5e-5;
const ASSUMED_CLOSING_S = 0.15;
/** Over the standing pressure, where nothing tells the weakest part. */
const ASSUMED_LIMIT = 1.5;
/** Reflections followed after the valve is shut. */
const FOLLOWED_REFLECTIONS = 6;
const REACHES = 50;

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
  const { pipe, pressurePa, temperatureC, flowM3s, closureTimeS, surgeLimitPa } = duty;
  const bore = pipeBoreM(duty);
  const diameterM = bore ?? duty.dn / 1000;
  const limits = [valve.limitPa, surgeLimitPa].filter((limit) => limit !== undefined);
  return {
    lengthM: given(ASSUMED_LENGTH_M, ['duty', pipe?.lengthUpstreamM || undefined]),
    diameterM: given(diameterM, ['pipe', bore]),
    waveSpeedMs: given(
      ASSUMED_WAVE_MS,
      ['duty', pipe?.waveSpeedMs],
      ['pipe', movingColumn(duty)?.waveSpeedMs ?? usualWaveSpeedMs(duty)],
    ),
    pressurePa: { value: pressurePa, from: 'duty' },
    flowM3s: given((Math.PI / 4) * diameterM ** 2 * ASSUMED_VELOCITY_MS, ['duty', flowM3s || undefined]),
    temperatureC: { value: temperatureC, from: 'duty' },
    roughnessM: given(ASSUMED_ROUGHNESS_M, ['pipe', pipe && PIPE_FACTS[pipe.material].roughnessM]),
    characteristic: { value: valve.characteristic, from: 'valve' },
    openKv: given(usualKv(valve.type, diameterM), ['valve', valve.openKv]),
    closingS: given(ASSUMED_CLOSING_S, ['duty', closureTimeS], ['valve', valve.closesInS]),
    limitPa: given(pressurePa * ASSUMED_LIMIT, [
      valve.limitPa === undefined ? 'duty' : 'valve',
      limits.length > 0 ? Math.min(...limits) : undefined,
    ]),
  };
}

/**
 * The case as `surge` takes it: friction by the pipe's roughness at the steady flow, followed until the waves have come back a few times.
 *
 * @example
 * hammerInput(valuesOf(hammerCase(duty, valve))).reaches // 50
 */
export function hammerInput(of: HammerCase): SurgeInput {
  const densityKgM3 = liquidDensityKgM3(of);
  const fluid = { densityKgM3, viscosityPaS: waterViscosityPaS(withinWaterRangeC(of.temperatureC)) };
  const { diameterM, lengthM, waveSpeedMs, closingS } = of;
  const { frictionFactor, velocityMs } = pipeLoss(
    { diameterM, lengthM, roughnessM: of.roughnessM },
    fluid,
    of.flowM3s,
  );
  const pipe = { lengthM, diameterM, waveSpeedMs, frictionFactor };
  return {
    ...pipe,
    densityKgM3,
    sourceHeadM: of.pressurePa / (densityKgM3 * GRAVITY_MS2),
    initialFlowM3s: of.flowM3s,
    closure: { law: 'linear', timeS: closingS },
    durationS: closingS + (FOLLOWED_REFLECTIONS * 2 * lengthM) / waveSpeedMs,
    reaches: Math.max(REACHES, fewestReaches({ ...pipe, velocityMs })),
    vapourPressureAbsPa: waterVapourPressureAbsPa(withinWaterRangeC(of.temperatureC)),
  };
}

/**
 * Effective opening of valve and line together at an opening of the handle: in a line with a resistance of its own an open valve takes little of the
 * pressure, and the flow falls only near the end of its travel.
 *
 * @returns of 1 with the handle open
 * Source: resistances in series, the rest being what passes the flow at the standing pressure.
 *
 * @example
 * effectiveOf(of)(0.5) // 0.99 for a ball whose line is narrower than it
 */
export function effectiveOf(
  of: Pick<HammerCase, 'characteristic' | 'openKv' | 'flowM3s' | 'pressurePa' | 'temperatureC'>,
): (opening: number) => number {
  const restKv = restOfLineKv(of.flowM3s, of.pressurePa, liquidDensityKgM3(of));
  const whole = flowShare(of.openKv, restKv);
  return (opening) => flowShare(of.openKv * relativeKv(of.characteristic, opening), restKv) / whole;
}

/** Kv of an open valve of a type in a pipe, by the handbook; of what loses by its capacity, as a globe. */
export function usualKv(type: ValveType, diameterM: number): number {
  const counted = valveTypeFacts(type).lossMultiple !== undefined || type.startsWith('butterfly');
  return kvFromK(valveResistance({ type: counted ? type : 'globe' }, diameterM), diameterM);
}
