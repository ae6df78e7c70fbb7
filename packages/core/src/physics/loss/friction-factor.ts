export type Regime = 'laminar' | 'transitional' | 'turbulent';

const LAMINAR_TO = 2300;
const TURBULENT_FROM = 4000;
/** Below it 64/Re leaves the range of numbers, and nothing moves that anyone could measure. */
const AT_REST = 1e-300;

/**
 * Darcy friction factor of a full pipe.
 *
 * @param reynolds Reynolds number, >= 0
 * @param relativeRoughness equivalent sand roughness over inside diameter, 0 up to under 1
 * @returns the factor (0 at rest) and the regime
 * Source: 64/Re up to Re 2300; Colebrook-White (1939) from Re 4000; linear in Re between, so that nothing jumps.
 *
 * @example
 * frictionFactor(1e5, 0) // { factor: 0.01799, regime: 'turbulent' }
 */
export function frictionFactor(
  reynolds: number,
  relativeRoughness: number,
): { factor: number; regime: Regime } {
  if (reynolds < AT_REST) return { factor: 0, regime: 'laminar' };
  if (reynolds <= LAMINAR_TO) return { factor: 64 / reynolds, regime: 'laminar' };
  if (reynolds >= TURBULENT_FROM)
    return { factor: colebrook(reynolds, relativeRoughness), regime: 'turbulent' };
  const from = 64 / LAMINAR_TO;
  const to = colebrook(TURBULENT_FROM, relativeRoughness);
  const share = (reynolds - LAMINAR_TO) / (TURBULENT_FROM - LAMINAR_TO);
  return { factor: from + share * (to - from), regime: 'transitional' };
}

/** Iterated on 1/sqrt(f) until f changes by less than 1e-10 of itself. */
function colebrook(reynolds: number, relativeRoughness: number): number {
  let factor = 0.02;
  for (let round = 0; round < 100; round += 1) {
    const next = (-2 * Math.log10(relativeRoughness / 3.7 + 2.51 / (reynolds * Math.sqrt(factor)))) ** -2;
    const change = Math.abs(next - factor) / next;
    factor = next;
    if (change < 1e-10) break;
  }
  return factor;
}

/** Equivalent sand roughness of clean commercial steel, m: the surface the handbook's loss multiples refer to. */
const COMMERCIAL_STEEL_M = 4.572e-5;

/**
 * The fully rough friction factor f_T of clean commercial steel pipe of a bore.
 *
 * @param diameterM inside diameter, m, > 0
 *
 * @example
 * fullyRoughFactor(0.0525) // 0.01899
 */
export function fullyRoughFactor(diameterM: number): number {
  return 0.25 / Math.log10(COMMERCIAL_STEEL_M / diameterM / 3.7) ** 2;
}
