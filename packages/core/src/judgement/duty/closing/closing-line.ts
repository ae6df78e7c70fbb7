import {
  GRAVITY_MS2,
  isLiquid,
  waterVapourPressureAbsPa,
  waterViscosityPaS,
  withinWaterRangeC,
} from '../../../ground/media/index.js';
import { PIPE_FACTS } from '../../../ground/pipes/index.js';
import { pipeLoss, pipeVelocityMs } from '../../../physics/loss/index.js';
import type { SurgeInput } from '../../../physics/surge/index.js';
import { USUAL_C, liquidDensityKgM3, pipeBoreM, usualWaveSpeedMs } from '../bore.js';
import { oncePerDuty } from '../once-per-duty.js';

/** A run of pipe and what moves in it. */
export interface ClosingRun {
  /** Back to the first large volume, m. */
  lengthM: number;
  diameterM: number;
  roughnessM: number;
  waveSpeedMs: number;
  /** At the valve while it flows, Pa gauge. */
  pressurePa: number;
  flowM3s: number;
  temperatureC: number;
}

/** The line a valve closes on, as `surge` takes it. */
export interface ClosingLine {
  surge: Omit<SurgeInput, 'closure' | 'durationS'> & { waveSpeedMs: number };
  /** Pressure at the valve once nothing flows, Pa. */
  staticPa: number;
  /** Static pressure and what a sudden stop adds, Pa. */
  suddenPa: number;
  /** 2L/a, s. */
  criticalS: number;
}

/** A line of which a fact is missing: the fact, and the pressure that a sudden stop would reach, Pa. */
export interface OpenLine {
  missing: 'flowM3s' | 'pipe.lengthUpstreamM';
  suddenPa: number;
}

const ASKED_AT_MS = 2;
const MM = 1000;
/** Of a pipe whose wall is not known: no wave in water is faster. */
const FREE_WATER_MS = 1480;

/**
 * The line a valve closes on: the pressure stands at the valve while it flows, so the source stands higher by the friction of the run.
 *
 * @param run m, m/s, Pa gauge, m3/s, degrees C
 * @returns what `surge` takes, and what it comes to without a simulation
 * Source: the steady state of the method of characteristics; sudden stop: Joukowsky, rho a v.
 *
 * @example
 * lineOfRun({ lengthM: 19, diameterM: 0.02, roughnessM: 1.5e-6, waveSpeedMs: 1286, pressurePa: 5e5, flowM3s: 5e-4, temperatureC: 10 }).criticalS // 0.0295
 */
export function lineOfRun(run: ClosingRun): ClosingLine {
  const { lengthM, diameterM, roughnessM, waveSpeedMs, pressurePa, flowM3s } = run;
  const temperatureC = withinWaterRangeC(run.temperatureC);
  const densityKgM3 = liquidDensityKgM3(run);
  const { frictionFactor, pressureDropPa, velocityMs } = pipeLoss(
    { diameterM, lengthM, roughnessM },
    { densityKgM3, viscosityPaS: waterViscosityPaS(temperatureC) },
    flowM3s,
  );
  const staticPa = pressurePa + pressureDropPa;
  return {
    surge: {
      lengthM,
      diameterM,
      frictionFactor,
      waveSpeedMs,
      densityKgM3,
      sourceHeadM: staticPa / (densityKgM3 * GRAVITY_MS2),
      initialFlowM3s: flowM3s,
      vapourPressureAbsPa: waterVapourPressureAbsPa(temperatureC),
    },
    staticPa,
    suddenPa: staticPa + densityKgM3 * waveSpeedMs * velocityMs,
    criticalS: (2 * lengthM) / waveSpeedMs,
  };
}

const MOST_LINES = 2000;
const lines = new Map<string, ClosingLine>();

/** The line of a run, the same one for the same run, so that its closings are simulated once however many duties say it. */
function sameLine(run: ClosingRun): ClosingLine {
  const key = Object.values(run).join(' ');
  let line = lines.get(key);
  if (!line) {
    if (lines.size >= MOST_LINES) lines.clear();
    lines.set(key, (line = lineOfRun(run)));
  }
  return line;
}

/**
 * The line of a duty.
 *
 * @returns undefined where nothing can hammer, or nothing tells how: a gas, no flow, a pressure or a pipe that is not known
 *
 * @example
 * closingLine({ ...duty, flowM3s: 5e-4, pipe: { material: 'copper', lengthUpstreamM: 19 } }).criticalS // 0.0296
 */
export const closingLine = oncePerDuty((duty): ClosingLine | OpenLine | undefined => {
  const { pipe, pressurePa, flowM3s } = duty;
  if (!isLiquid(duty.medium) || pressurePa === undefined || flowM3s === 0) return undefined;
  const diameterM = pipeBoreM(duty) ?? duty.dn / MM;
  if (!pipe) return undefined;
  const waveSpeedMs = pipe.waveSpeedMs ?? usualWaveSpeedMs(duty) ?? FREE_WATER_MS;
  const lengthM = pipe.lengthUpstreamM;
  if (flowM3s === undefined || lengthM === undefined) {
    const velocityMs = flowM3s === undefined ? ASKED_AT_MS : pipeVelocityMs(flowM3s, diameterM);
    const suddenPa = pressurePa + liquidDensityKgM3(duty) * waveSpeedMs * velocityMs;
    return { missing: flowM3s === undefined ? 'flowM3s' : 'pipe.lengthUpstreamM', suddenPa };
  }
  if (lengthM === 0) return undefined;
  const { roughnessM } = PIPE_FACTS[pipe.material];
  const temperatureC = duty.temperatureC ?? USUAL_C;
  return sameLine({ lengthM, diameterM, roughnessM, waveSpeedMs, pressurePa, flowM3s, temperatureC });
});
