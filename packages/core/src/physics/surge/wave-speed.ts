import { WATER_BULK_MODULUS_PA } from '../../ground/media/index.js';

export interface PipeWall {
  elasticModulusPa: number;
  diameterM: number;
  wallM: number;
  /** How the pipe is held lengthwise: c, 1 where it moves freely. */
  restraint?: number | undefined;
}

/**
 * Speed of a pressure wave in a liquid-filled pipe.
 *
 * @param wall        Young's modulus Pa, inside diameter m, wall thickness m, each > 0
 * @param densityKgM3 of the liquid, > 0
 * @param bulkModulusPa of the liquid; water by default
 * @returns m/s
 * Source: Korteweg, a = sqrt(K/rho) / sqrt(1 + (K/E)(D/e) c), free to move lengthwise unless told otherwise.
 *
 * @example
 * waveSpeedMs({ elasticModulusPa: 117e9, diameterM: 0.019939, wallM: 0.001143 }, 998.2) // 1286
 */
export function waveSpeedMs(
  wall: PipeWall,
  densityKgM3: number,
  bulkModulusPa = WATER_BULK_MODULUS_PA,
): number {
  const give =
    (bulkModulusPa / wall.elasticModulusPa) * (wall.diameterM / wall.wallM) * (wall.restraint ?? 1);
  return Math.sqrt(bulkModulusPa / densityKgM3 / (1 + give));
}
