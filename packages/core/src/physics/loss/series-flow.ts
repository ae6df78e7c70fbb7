import { type CharacteristicName, relativeKv } from '../../ground/valves/index.js';
import { kvDropPa } from './flow-coefficient.js';

/**
 * The rest of a line as one fixed resistance: the Kv that passes a flow at a pressure with no valve in the way.
 *
 * @param flowM3s     m3/s, > 0
 * @param pressurePa  lost over the rest, Pa, > 0
 * @param densityKgM3 kg/m3
 *
 * @example
 * restOfLineKv(1 / 3600, 1e5, 1000) // 1
 */
export function restOfLineKv(flowM3s: number, pressurePa: number, densityKgM3: number): number {
  return Math.sqrt(kvDropPa(flowM3s, 1, densityKgM3) / pressurePa);
}

/**
 * Share of the undisturbed flow that passes a valve in series with the rest of its line.
 *
 * @param valveKv Kv of the valve as it stands; 0 shut
 * @param restKv  Kv of the rest, > 0
 * @returns 0 to 1
 * Source: resistances in series, 1/Kv^2 = 1/Kv_valve^2 + 1/Kv_rest^2.
 *
 * @example
 * flowShare(1, 1) // 0.7071
 */
export function flowShare(valveKv: number, restKv: number): number {
  return valveKv === 0 ? 0 : 1 / Math.sqrt(1 + (restKv / valveKv) ** 2);
}

const STEPS = 20;

/**
 * Share of a handle's travel over which the flow really falls: in a line with resistance of its own a valve does little until it is nearly
 * shut. Taken from the steepest fall between twentieths of the travel, with the handle moved evenly.
 *
 * @param characteristic of the valve
 * @param openKv         fully open
 * @param restKv         of the rest of the line, > 0
 * @returns above 0, at most 1
 *
 * @example
 * fallingShare('globe-linear', 1e-3, 1) // 1: alone in charge, it falls with the handle
 */
export function fallingShare(characteristic: CharacteristicName, openKv: number, restKv: number): number {
  let steepest = 1;
  let below = 0;
  for (let step = 1; step <= STEPS; step += 1) {
    const above = flowShare(openKv * relativeKv(characteristic, step / STEPS), restKv);
    steepest = Math.max(steepest, (above - below) * STEPS);
    below = above;
  }
  return 1 / steepest;
}
