import { restOfLineKv } from '../../physics/loss/index.js';
import { waterVapourPressureAbsPa, withinWaterRangeC } from '../../ground/media/index.js';
import { type Duty, liquidDensityKgM3, pipeBoreM } from '../selection/index.js';
import type { ThrottleInput } from '../../physics/throttle/index.js';
import { type CharacteristicName, type ValveType, isQuarterTurn } from '../../ground/valves/index.js';
import type { BenchValve } from './bench-valve.js';
import { type Filled, given } from './filled.js';

/** One valve throttling one line. */
export interface ControlCase {
  characteristic: CharacteristicName;
  openKv: number;
  /** What the line passes with the valve wide open and nothing lost in it, m3/s. */
  flowM3s: number;
  /** Across valve and line, Pa. */
  availablePa: number;
  /** Ahead of the valve at no flow, Pa gauge. */
  upstreamPa: number;
  temperatureC: number;
  /** Whether the rest of the line lies ahead of the valve. */
  restAhead: boolean;
}

const ASSUMED_VELOCITY_MS = 1.5;
const ASSUMED_PA = 4e5;
const ASSUMED_C = 20;
/** Of an open valve that nothing is known of: a globe's, K about 7. */
const ASSUMED_K = 7;

/**
 * A valve on its line with the duty filled in.
 *
 * @param duty  what is not known there is assumed, and said to be
 * @param valve gives Kv and characteristic
 *
 * @example
 * controlCase({ ...duty, pressurePa: 5e5 }, benchValve(duty, globe)).availablePa // { value: 5e5, from: 'duty' }
 */
export function controlCase(duty: Duty, valve: BenchValve): Filled<ControlCase> {
  const boreM = pipeBoreM(duty) ?? duty.dn / 1000;
  const area = (Math.PI / 4) * boreM ** 2;
  const assumedKv = area * Math.sqrt(200 / ASSUMED_K) * 3600;
  return {
    characteristic: { value: valve.characteristic, from: 'valve' },
    openKv: given(assumedKv, ['valve', valve.openKv]),
    flowM3s: given(area * ASSUMED_VELOCITY_MS, ['duty', duty.flowM3s || undefined]),
    availablePa: given(
      1e5,
      ['duty', duty.differentialPa || undefined],
      ['duty', duty.pressurePa || undefined],
    ),
    upstreamPa: given(ASSUMED_PA, ['duty', duty.pressurePa]),
    temperatureC: given(ASSUMED_C, ['duty', duty.temperatureC]),
    restAhead: { value: false, from: 'assumed' },
  };
}

/** The case as `throttle` takes it: the rest of the line is what passes the flow at the pressure with nothing in the way. */
export function controlInput(of: ControlCase): ThrottleInput {
  const densityKgM3 = liquidDensityKgM3(of);
  return {
    characteristic: of.characteristic,
    openKv: of.openKv,
    systemKv: restOfLineKv(of.flowM3s, of.availablePa, densityKgM3),
    availablePressurePa: of.availablePa,
    upstreamPressurePa: of.upstreamPa,
    systemUpstream: of.restAhead,
    vapourPressureAbsPa: waterVapourPressureAbsPa(withinWaterRangeC(of.temperatureC)),
    densityKgM3,
    openings: Array.from({ length: CONTROL_STEPS + 1 }, (_, at) => at / CONTROL_STEPS),
  };
}
const CONTROL_STEPS = 100;

/** The smallest step a hand makes: a notch of ten, five degrees of a lever, or a sixteenth of a turn. */
export interface HandleStep {
  name: 'notch' | 'five-degrees' | 'sixteenth';
  /** Share of the travel. */
  travel: number;
}

/**
 * How finely a hand sets a valve.
 *
 * @param valve type, operator and turns of its stem
 *
 * @example
 * handleStep({ type: 'ball', operator: 'notch-lever', turns: 0.25 }) // { name: 'notch', travel: 0.1 }
 */
export function handleStep({
  type,
  operator,
  turns,
}: Pick<BenchValve, 'operator' | 'turns'> & { type: ValveType }): HandleStep {
  if (operator === 'notch-lever') return { name: 'notch', travel: 0.1 };
  if (isQuarterTurn(type) && operator !== 'gear') return { name: 'five-degrees', travel: 5 / 90 };
  return { name: 'sixteenth', travel: 1 / 16 / Math.max(operator === 'gear' ? GEAR_TURNS : turns, 1 / 16) };
}
const GEAR_TURNS = 10;
