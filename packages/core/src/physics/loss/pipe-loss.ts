import { GRAVITY_MS2 } from '../../ground/media/index.js';
import type { FluidFigures } from './fluid.js';
import { type Regime, frictionFactor } from './friction-factor.js';

export interface FullPipe {
  diameterM: number;
  lengthM: number;
}

export interface PipeLoss {
  velocityMs: number;
  reynolds: number;
  regime: Regime;
  /** Darcy. */
  frictionFactor: number;
  headLossM: number;
  pressureDropPa: number;
}

/**
 * Head and pressure lost to friction in a straight full pipe.
 *
 * @param pipe.diameterM    inside diameter, m, > 0
 * @param pipe.roughnessM   equivalent sand roughness, m, >= 0
 * @param pipe.lengthM      m, >= 0
 * @param fluid.densityKgM3 kg/m3, > 0
 * @param fluid.viscosityPaS dynamic, Pa s, > 0
 * @param flowM3s           m3/s, >= 0
 * Source: Darcy-Weisbach with Colebrook-White (1939); laminar 64/Re; linear between Re 2300 and 4000.
 *
 * @example
 * pipeLoss({ diameterM: 0.05, roughnessM: 1.5e-6, lengthM: 10 }, { densityKgM3: 998.2, viscosityPaS: 1.002e-3 }, 0.002)
 * // velocityMs 1.0186, headLossM 0.2215
 */
export function pipeLoss(
  pipe: FullPipe & { roughnessM: number },
  fluid: FluidFigures,
  flowM3s: number,
): PipeLoss {
  const velocityMs = pipeVelocityMs(flowM3s, pipe.diameterM);
  const reynolds = (fluid.densityKgM3 * velocityMs * pipe.diameterM) / fluid.viscosityPaS;
  const { factor, regime } = frictionFactor(reynolds, pipe.roughnessM / pipe.diameterM);
  const headLossM = (factor * pipe.lengthM * velocityMs ** 2) / (pipe.diameterM * 2 * GRAVITY_MS2);
  return result(velocityMs, reynolds, regime, factor, headLossM, fluid);
}

/**
 * The same by the custom of sprinkler work, for water only.
 *
 * @param pipe              as for pipeLoss, with the Hazen-Williams coefficient in place of the roughness
 * @returns `frictionFactor` is the Darcy factor that gives the same head
 * Source: Hazen-Williams in m and m3/s, h = 10.67 L Q^1.852 / (C^1.852 D^4.8704).
 *
 * @example
 * hazenWilliamsLoss({ diameterM: 0.1, hazenWilliamsC: 120, lengthM: 100 }, { densityKgM3: 998.2, viscosityPaS: 1.002e-3 }, 0.01)
 * // headLossM 2.2076
 */
export function hazenWilliamsLoss(
  pipe: FullPipe & { hazenWilliamsC: number },
  fluid: FluidFigures,
  flowM3s: number,
): PipeLoss {
  const { diameterM, hazenWilliamsC, lengthM } = pipe;
  const velocityMs = pipeVelocityMs(flowM3s, diameterM);
  const reynolds = (fluid.densityKgM3 * velocityMs * diameterM) / fluid.viscosityPaS;
  const slope = (10.67 * flowM3s ** 1.852) / (hazenWilliamsC ** 1.852 * diameterM ** 4.8704);
  const factor = velocityMs ** 2 === 0 ? 0 : (slope * diameterM * 2 * GRAVITY_MS2) / velocityMs ** 2;
  return result(velocityMs, reynolds, frictionFactor(reynolds, 0).regime, factor, slope * lengthM, fluid);
}

/** Mean velocity of a flow in a round bore, m/s. */
export function pipeVelocityMs(flowM3s: number, diameterM: number): number {
  return flowM3s / ((Math.PI / 4) * diameterM ** 2);
}

function result(
  velocityMs: number,
  reynolds: number,
  regime: Regime,
  factor: number,
  headLossM: number,
  fluid: FluidFigures,
): PipeLoss {
  return {
    velocityMs,
    reynolds,
    regime,
    frictionFactor: factor,
    headLossM,
    pressureDropPa: fluid.densityKgM3 * GRAVITY_MS2 * headLossM,
  };
}
