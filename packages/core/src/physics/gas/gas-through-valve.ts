/** What a gas does on its way through a valve. */
export interface GasThrough {
  /** Ahead of the valve, Pa absolute. */
  inletAbsPa: number;
  /** Behind it, Pa absolute. */
  outletAbsPa: number;
  /** Ahead of the valve, kg/m3. */
  densityKgM3: number;
  gamma: number;
  /** Pressure drop ratio at which it chokes, for air. */
  xT: number;
}

/**
 * Gas or steam through a valve, for each unit of its Kv.
 *
 * @param gas state ahead of and behind the valve
 * @returns kg/h per m3/h of Kv; never more than choked flow
 * Source: IEC 60534-2-1, W = 31.6 Kv Y sqrt(x p1 rho1), p1 in bar.
 *
 * @example
 * gasPerKv({ inletAbsPa: 2e5, outletAbsPa: 1e5, densityKgM3: 1.5, gamma: 1.31, xT: 0.7 }) // 28.7
 */
export function gasPerKv({ inletAbsPa, outletAbsPa, densityKgM3, gamma, xT }: GasThrough): number {
  const chokes = (gamma / 1.4) * xT;
  const x = Math.min((inletAbsPa - outletAbsPa) / inletAbsPa, chokes);
  const expansion = 1 - x / (3 * chokes);
  return 31.6 * expansion * Math.sqrt(x * (inletAbsPa / 1e5) * densityKgM3);
}
