import { pipeVelocityMs } from '../../physics/loss/index.js';
import { waterDensityKgM3, withinWaterRangeC } from '../../ground/media/index.js';
import { PIPE_FACTS, usualPipe } from '../../ground/pipes/index.js';
import { type MovingColumn, waveSpeedMs } from '../../physics/surge/index.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';
import { oncePerDuty } from './once-per-duty.js';

/** Inside diameter of the duty's pipe, m: as given, else of the usual pipe of its material and size; undefined where neither is known. */
export const pipeBoreM = oncePerDuty(
  ({ pipe, dn }): number | undefined =>
    pipe?.insideDiameterM ?? (pipe && usualPipe(pipe.material, dn)?.insideM),
);

/** Bore of a valve, m: as given; a full port has the pipe's. Undefined where it is not known. */
export function valveBoreM(duty: Duty, valve: Candidate): number | undefined {
  return valve.boreM ?? (valve.port === 'full' ? pipeBoreM(duty) : undefined);
}

/** Density of the duty's liquid, kg/m3: water at its temperature, within the range the water figures hold. */
export function liquidDensityKgM3({ temperatureC }: Pick<Duty, 'temperatureC'>): number {
  return waterDensityKgM3(withinWaterRangeC(temperatureC));
}

/**
 * The liquid column a quick closing would stop: what moves, how fast, how far back.
 * Undefined where flow, bore, run length or wave speed is not known.
 */
export const movingColumn = oncePerDuty((duty): MovingColumn | undefined => {
  const boreM = pipeBoreM(duty);
  const lengthM = duty.pipe?.lengthUpstreamM;
  const speed = duty.pipe?.waveSpeedMs ?? usualWaveSpeedMs(duty);
  if (duty.flowM3s === undefined || boreM === undefined || lengthM === undefined || speed === undefined)
    return undefined;
  return {
    densityKgM3: liquidDensityKgM3(duty),
    waveSpeedMs: speed,
    velocityMs: pipeVelocityMs(duty.flowM3s, boreM),
    lengthM,
  };
});

/** Wave speed in the usual pipe of the duty's material and size. */
export function usualWaveSpeedMs(duty: Duty): number | undefined {
  const usual = duty.pipe && usualPipe(duty.pipe.material, duty.dn);
  const elasticModulusPa = duty.pipe && PIPE_FACTS[duty.pipe.material].elasticModulusPa;
  if (!usual || elasticModulusPa === undefined) return undefined;
  const wallM = (usual.outsideM - usual.insideM) / 2;
  return waveSpeedMs({ elasticModulusPa, diameterM: usual.insideM, wallM }, liquidDensityKgM3(duty));
}
