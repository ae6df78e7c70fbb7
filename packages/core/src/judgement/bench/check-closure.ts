import {
  CHECK_TYPES,
  type CheckSlam,
  type CheckType,
  checkSlam,
  checkVelocity,
} from '../../physics/checks/index.js';
import { GRAVITY_MS2 } from '../../ground/media/index.js';
import { pipeVelocityMs } from '../../physics/loss/index.js';
import { type Duty, liquidDensityKgM3, pipeBoreM, usualWaveSpeedMs } from '../selection/index.js';
import { type Filled, given } from './filled.js';

/** A pump that stops, and the column behind its check. */
export interface CheckClosureCase {
  dn: number;
  diameterM: number;
  flowM3s: number;
  /** What stands on the check when nothing flows, Pa gauge. */
  pressurePa: number;
  /** Length of the column that is slowed down, m. */
  mainLengthM: number;
  waveSpeedMs: number;
  temperatureC: number;
  startsPerHour: number;
  orientation: 'horizontal' | 'vertical-up';
}

/** One kind of check on the stop. */
export interface StoppedCheck extends CheckSlam {
  checkType: CheckType;
  velocityMs: number;
  /** Least velocity that holds it open. */
  minimumMs: number;
  fullyOpen: boolean;
  suggestedDn?: number;
  /** Closings a year that are heard or worse. */
  slamsPerYear: number;
}

const ASSUMED_VELOCITY_MS = 1.5;
const ASSUMED_C = 20;
const ASSUMED_MAIN_M = 60;
const ASSUMED_WAVE_MS = 1100;
const ASSUMED_STARTS = 4;
const HOURS_A_YEAR = 8760;

/**
 * A pump stop with the duty filled in.
 *
 * @param duty  what is not known there is assumed, and said to be
 * @param mainM length of pipe beyond the check, by the walk
 *
 * @example
 * checkClosureCase({ ...duty, startsPerHour: 6 }, 700).startsPerHour // { value: 6, from: 'duty' }
 */
export function checkClosureCase(duty: Duty, mainM?: number): Filled<CheckClosureCase> {
  const bore = pipeBoreM(duty);
  const diameterM = bore ?? duty.dn / 1000;
  return {
    dn: { value: duty.dn, from: 'duty' },
    diameterM: given(diameterM, ['pipe', bore]),
    flowM3s: given((Math.PI / 4) * diameterM ** 2 * ASSUMED_VELOCITY_MS, ['duty', duty.flowM3s || undefined]),
    pressurePa: given(1e5, ['duty', duty.pressurePa || undefined]),
    mainLengthM: given(ASSUMED_MAIN_M, ['walk', mainM || undefined]),
    waveSpeedMs: given(ASSUMED_WAVE_MS, ['duty', duty.pipe?.waveSpeedMs], ['pipe', usualWaveSpeedMs(duty)]),
    temperatureC: given(ASSUMED_C, ['duty', duty.temperatureC]),
    startsPerHour: given(ASSUMED_STARTS, ['duty', duty.startsPerHour]),
    orientation: given('horizontal', [
      'duty',
      duty.orientation === 'vertical-up' || duty.orientation === 'horizontal' ? duty.orientation : undefined,
    ]),
  };
}

/**
 * How fast the column is slowed down once the pump no longer pushes: by what stands on the check.
 *
 * @returns m/s2
 * Source: Newton on a rigid column, dv/dt = p / (rho L) = g H / L.
 *
 * @example
 * decelerationMs2({ pressurePa: 1e5, mainLengthM: 100, densityKgM3: 1000 }) // 1
 */
export function decelerationMs2({
  pressurePa,
  mainLengthM,
  densityKgM3,
}: Pick<CheckClosureCase, 'pressurePa' | 'mainLengthM'> & { densityKgM3: number }): number {
  return Math.min(pressurePa / (densityKgM3 * mainLengthM), MOST_G * GRAVITY_MS2);
}
/** A pump turns on by itself for a moment: nothing falls faster than this. */
const MOST_G = 5;

/**
 * Every kind of check on one pump stop.
 *
 * @returns in the order of their slam, the softest first
 *
 * @example
 * checkClosure(valuesOf(checkClosureCase(duty)))[0]?.checkType // 'check-spring-inline'
 */
export function checkClosure(of: CheckClosureCase): StoppedCheck[] {
  const densityKgM3 = liquidDensityKgM3(of);
  const { dn, diameterM, flowM3s, orientation, waveSpeedMs } = of;
  const falls = decelerationMs2({ ...of, densityKgM3 });
  return CHECK_TYPES.map((checkType): StoppedCheck => {
    const sizing = checkVelocity({ checkType, diameterM, flowM3s, densityKgM3 });
    const slam = checkSlam({
      checkType,
      dn,
      flowVelocityMs: pipeVelocityMs(flowM3s, diameterM),
      decelerationMs2: falls,
      orientation,
      waveSpeedMs,
      densityKgM3,
    });
    return {
      checkType,
      ...sizing,
      ...slam,
      slamsPerYear: slam.grade === 'soft' ? 0 : Math.round(of.startsPerHour * HOURS_A_YEAR),
    };
  }).sort((a, b) => a.slamPa - b.slamPa);
}
