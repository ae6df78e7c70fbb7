import { WATER_BULK_MODULUS_PA, waterDensityKgM3 } from '../../ground/media/index.js';
import { PIPE_FACTS, type PipeMaterial } from '../../ground/pipes/index.js';

/** Lengthwise expansion of the wall, 1/K. Source: usual handbook values. */
const EXPANSION_PER_K = {
  steel: 12e-6,
  galvanised: 12e-6,
  stainless: 16e-6,
  copper: 16.6e-6,
  'ductile-iron': 11e-6,
  pvc: 54e-6,
  cpvc: 62e-6,
  pex: 140e-6,
  hdpe: 200e-6,
} as const satisfies Partial<Record<PipeMaterial, number>>;

export type HeldPipeMaterial = keyof typeof EXPANSION_PER_K;
export const HELD_PIPE_MATERIALS = Object.keys(EXPANSION_PER_K) as HeldPipeMaterial[];

export interface HeldPipe {
  material: HeldPipeMaterial;
  insideDiameterM: number;
  wallM: number;
}

/** Stainless steel gives a little more than the carbon steel it is taken as in water hammer. */
const STAINLESS_PA = 193e9;

const modulusPa = (material: HeldPipeMaterial): number =>
  material === 'stainless' ? STAINLESS_PA : (PIPE_FACTS[material].elasticModulusPa as number);

/**
 * How much a full pipe gives: the share of its volume that it takes more for each pascal.
 *
 * @param pipe material, bore and wall m
 * @returns 1/Pa, water and wall together
 * Source: 1/K + D/(E e), as in the wave speed.
 *
 * @example
 * pipeGivePerPa({ material: 'copper', insideDiameterM: 0.02, wallM: 0.001 }) // 6.28e-10
 */
export const pipeGivePerPa = ({ material, insideDiameterM, wallM }: HeldPipe): number =>
  1 / WATER_BULK_MODULUS_PA + insideDiameterM / (modulusPa(material) * wallM);

/**
 * How the pressure of a full, closed pipe moves with its temperature.
 *
 * @param pipe         material, bore and wall m
 * @param temperatureC degrees C
 * @returns Pa/K; below about 4 degrees C, and in plastics, it falls with warmth
 * Source: (beta - 3 alpha) / (1/K + D/(E e)), beta the expansion of water by Kell's density.
 *
 * @example
 * warmthPaPerK({ material: 'copper', insideDiameterM: 0.02, wallM: 0.001 }, 15) // 160_000
 */
export function warmthPaPerK(pipe: HeldPipe, temperatureC: number): number {
  const waterPerK =
    -(waterDensityKgM3(temperatureC + 0.5) - waterDensityKgM3(temperatureC - 0.5)) /
    waterDensityKgM3(temperatureC);
  return (waterPerK - 3 * EXPANSION_PER_K[pipe.material]) / pipeGivePerPa(pipe);
}
