import { kvDropPa, kvFromK, pipeVelocityMs, valveResistance } from '../../physics/loss/index.js';
import { liquidDensityKgM3 } from '../selection/index.js';
import { SEAT_LIMIT_C, type SeatMaterial } from '../../ground/valves/index.js';

/** A ball valve on a high-pressure wash line. */
export interface WashCase {
  flowM3s: number;
  /** What the machine makes, Pa gauge. */
  pressurePa: number;
  temperatureC: number;
  /** Bore of the line, m. */
  diameterM: number;
}

export interface WashBore {
  boreM: number;
  velocityMs: number;
  dropPa: number;
  verdict: 'within' | 'over';
}

export interface WashLine {
  bores: WashBore[];
  /** Smallest of them that keeps the speed. */
  leastBoreM?: number;
  /** What the whole pressure makes of the water where it is throttled or let round, K. */
  warmsByK: number;
  seatC: number;
  seats: { seat: keyof typeof SEAT_LIMIT_C; limitC: number; verdict: 'within' | 'over' }[];
  /** Rating a valve must have, a tenth over the machine, Pa. */
  ratingPa: number;
}

/** In the bore. Source: the trade's rule for wash lines. */
export const MOST_WASH_MS = 12;
const OVER_MACHINE = 1.1;
const WATER_J_KG_K = 4186;
const BORES_M = [0.005, 0.006, 0.008, 0.01, 0.0125, 0.015, 0.02];
const SHOWN_SEATS = ['nylon', 'ptfe', 'reinforced-ptfe', 'metal'] as const satisfies readonly SeatMaterial[];

/**
 * Bore against flow and pressure on a wash line, and how warm a seat gets that throttles it: all the pressure lost becomes heat.
 *
 * @param of flow m3/s, machine Pa gauge, water degrees C, bore of the line m
 * @returns speeds m/s and losses Pa for each bore that goes into the line, and the warming K = p / (rho c)
 * Source: K of a reduced ball as Crane TP-410; 4186 J/(kg K).
 *
 * @example
 * washLine({ flowM3s: 3.5e-4, pressurePa: 2e7, temperatureC: 60, diameterM: 0.0158 }).warmsByK // 4.86
 */
export function washLine(of: WashCase): WashLine {
  const { flowM3s, pressurePa, temperatureC, diameterM } = of;
  const densityKgM3 = liquidDensityKgM3(of);
  const bores = BORES_M.filter((boreM) => boreM <= diameterM * 1.001).map((boreM): WashBore => {
    const velocityMs = pipeVelocityMs(flowM3s, boreM);
    const k = valveResistance({ type: 'ball', boreRatio: Math.min(1, boreM / diameterM) }, diameterM);
    return {
      boreM,
      velocityMs,
      dropPa: kvDropPa(flowM3s, kvFromK(k, diameterM), densityKgM3),
      verdict: velocityMs <= MOST_WASH_MS ? 'within' : 'over',
    };
  });
  const least = bores.find(({ verdict }) => verdict === 'within')?.boreM;
  const warmsByK = pressurePa / (densityKgM3 * WATER_J_KG_K);
  const seatC = temperatureC + warmsByK;
  return {
    bores,
    warmsByK,
    seatC,
    seats: SHOWN_SEATS.map((seat) => ({
      seat,
      limitC: SEAT_LIMIT_C[seat],
      verdict: seatC <= SEAT_LIMIT_C[seat] ? 'within' : 'over',
    })),
    ratingPa: OVER_MACHINE * pressurePa,
    ...(least !== undefined && { leastBoreM: least }),
  };
}
