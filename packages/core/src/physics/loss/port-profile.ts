import { pipeVelocityMs } from './pipe-loss.js';
import { type ValveShape, valveResistance } from './valve-resistance.js';

export interface PortProfile {
  k: number;
  boreVelocityMs: number;
  /** Lost for good, Pa. */
  lostPa: number;
  /** Got back behind the bore, of what the bore took, 0 to 1. */
  recovered: number;
  /** Along the axis in bores of the pipe from the middle of the valve, with the pressure Pa gauge and the speed m/s there. */
  points: { at: number; pressurePa: number; velocityMs: number }[];
}

const ENTRY_SHARE = 0.3;
const BORE_TO = 0.5;
const SETTLED = 4;
const STEPS = 40;

/**
 * Pressure and speed along the axis of an open valve whose port is narrower than the pipe: down into the bore, and what comes back behind it.
 *
 * @param shape     type, bore ratio, taper degrees
 * @param diameterM bore of the pipe, m
 * @param stream    flow m3/s, density kg/m3, pressure ahead Pa gauge
 * Source: energy along a stream line with the K of `valve-loss`; of the loss about three tenths are lost going in, the rest in the widening behind.
 *
 * @example
 * portProfile({ type: 'ball', boreRatio: 0.7 }, 0.0525, { flowM3s: 0.004, densityKgM3: 998.2, pressurePa: 4e5 }).boreVelocityMs // 3.77
 */
export function portProfile(
  shape: ValveShape,
  diameterM: number,
  { flowM3s, densityKgM3, pressurePa }: { flowM3s: number; densityKgM3: number; pressurePa: number },
): PortProfile {
  const ratio = shape.boreRatio ?? 1;
  const velocityMs = pipeVelocityMs(flowM3s, diameterM);
  const boreVelocityMs = velocityMs / ratio ** 2;
  const k = valveResistance(shape, diameterM);
  const lostPa = (k * densityKgM3 * velocityMs ** 2) / 2;
  const inBorePa =
    pressurePa - (densityKgM3 * (boreVelocityMs ** 2 - velocityMs ** 2)) / 2 - ENTRY_SHARE * lostPa;
  const tapered = (shape.taperAngleDeg ?? 180) <= 45;
  const inFrom = tapered ? -1.5 : -BORE_TO - 0.1;
  const outTo = tapered ? 2 : SETTLED;
  const points = Array.from({ length: STEPS + 1 }, (_, step) => {
    const at = -2 + (step / STEPS) * (SETTLED + 2);
    const goingIn = part(at, inFrom, -BORE_TO);
    const goingOut = part(at, BORE_TO, outTo);
    const narrow = goingIn * (1 - goingOut);
    return {
      at,
      pressurePa:
        goingOut > 0
          ? inBorePa + goingOut * (pressurePa - lostPa - inBorePa)
          : pressurePa + goingIn * (inBorePa - pressurePa),
      velocityMs: velocityMs + narrow * (boreVelocityMs - velocityMs),
    };
  });
  const took = pressurePa - inBorePa;
  return {
    k,
    boreVelocityMs,
    lostPa,
    recovered: took === 0 ? 1 : Math.max(0, (took - lostPa) / took),
    points,
  };
}

/** How far between two places, smoothly, 0 to 1. */
function part(at: number, from: number, to: number): number {
  const share = Math.min(1, Math.max(0, (at - from) / (to - from)));
  return share * share * (3 - 2 * share);
}
