import { waterDensityKgM3, withinWaterRangeC } from '../../ground/media/index.js';
import { PIPE_FACTS, nearestPipe, usualPipe, wallOfM } from '../../ground/pipes/index.js';
import { waveSpeedMs } from '../../physics/surge/index.js';
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

/** Of a liquid whose temperature is not known. */
export const USUAL_C = 20;

/** Density of the duty's liquid, kg/m3: water at its temperature, within the range the water figures hold; at 20 degrees C where that is not known. */
export function liquidDensityKgM3({ temperatureC = USUAL_C }: Pick<Duty, 'temperatureC'>): number {
  return waterDensityKgM3(withinWaterRangeC(temperatureC));
}

/** Wave speed in the usual pipe of the duty's material and size; of a size that no table has, in a pipe as stout as the nearest. */
export function usualWaveSpeedMs(duty: Duty): number | undefined {
  const usual =
    duty.pipe && (usualPipe(duty.pipe.material, duty.dn) ?? nearestPipe(duty.pipe.material, duty.dn));
  const elasticModulusPa = duty.pipe && PIPE_FACTS[duty.pipe.material].elasticModulusPa;
  if (!usual || elasticModulusPa === undefined) return undefined;
  const wallM = wallOfM(usual);
  return waveSpeedMs({ elasticModulusPa, diameterM: usual.insideM, wallM }, liquidDensityKgM3(duty));
}
