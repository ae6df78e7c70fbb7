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

export interface MovingColumn {
  densityKgM3: number;
  waveSpeedMs: number;
  velocityMs: number;
  /** Run back to the first large volume, m. */
  lengthM: number;
}

/**
 * Pressure rise when a moving column is stopped in a time.
 *
 * @param column  density kg/m3, wave speed m/s, velocity m/s, length m
 * @param timeS   closing time, s, >= 0
 * @returns Pa above the standing pressure
 * Source: Joukowsky rho a v up to 2L/a; beyond, Michaud's 2 rho L v / t, which meets it there.
 *
 * @example
 * hammerRisePa({ densityKgM3: 1000, waveSpeedMs: 1200, velocityMs: 2, lengthM: 60 }, 0.2) // 1.2e6
 */
export function hammerRisePa(column: MovingColumn, timeS: number): number {
  const sudden = column.densityKgM3 * column.waveSpeedMs * column.velocityMs;
  const reflectedS = (2 * column.lengthM) / column.waveSpeedMs;
  return timeS <= reflectedS ? sudden : (sudden * reflectedS) / timeS;
}

/**
 * Least closing time that keeps the rise at or under a limit.
 *
 * @param column as for hammerRisePa
 * @param risePa the rise that may be, > 0
 * @returns s; 0 where even a sudden stop stays under it
 *
 * @example
 * leastClosingTimeS({ densityKgM3: 1000, waveSpeedMs: 1200, velocityMs: 2, lengthM: 60 }, 1.2e6) // 0.2
 */
export function leastClosingTimeS(column: MovingColumn, risePa: number): number {
  if (hammerRisePa(column, 0) <= risePa) return 0;
  return (2 * column.densityKgM3 * column.lengthM * column.velocityMs) / risePa;
}
