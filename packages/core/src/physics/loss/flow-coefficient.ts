/** Cv (US gpm at 1 psi) of one Kv (m3/h at 1 bar). */
export const CV_PER_KV = 1.1561;

/** K = KV_TO_K d^4 / Kv^2, d in m: follows from dp = (rho/1000)(Q/Kv)^2 bar = K rho v^2 / 2. */
const KV_TO_K = 2 * 100 * (3600 * (Math.PI / 4)) ** 2;

/** Resistance coefficient of a Kv, referred to the velocity in a bore of `diameterM`. */
export const kFromKv = (kv: number, diameterM: number): number => (KV_TO_K * diameterM ** 4) / kv ** 2;

/** Kv of a resistance coefficient referred to the velocity in a bore of `diameterM`. */
export const kvFromK = (k: number, diameterM: number): number => Math.sqrt((KV_TO_K * diameterM ** 4) / k);

/**
 * Pressure lost by a liquid through a Kv.
 *
 * @param flowM3s m3/s
 * @param kv      m3/h of water at 1 bar, > 0
 * @param densityKgM3 kg/m3
 * @returns Pa
 * Source: IEC 60534-1, dp = (rho/1000)(Q/Kv)^2 bar.
 *
 * @example
 * kvDropPa(1 / 3600, 1, 1000) // 100000
 */
export function kvDropPa(flowM3s: number, kv: number, densityKgM3: number): number {
  return 100 * densityKgM3 * ((flowM3s * 3600) / kv) ** 2;
}
