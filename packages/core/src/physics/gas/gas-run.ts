import { InvalidInput } from '../../ground/input/index.js';
import { ATMOSPHERE_PA } from '../../ground/media/index.js';
import { FUEL_GAS_FACTS, type FuelGas } from './fuel-gas.js';

/** Fittings, each as a length of so many bores. Source: usual L/D of threaded fittings. */
export const FITTING_BORES = {
  'elbow-90': 30,
  'elbow-45': 16,
  'tee-run': 20,
  'tee-branch': 60,
  ball: 3,
  gate: 8,
  plug: 18,
  butterfly: 45,
} as const;
export type GasFitting = keyof typeof FITTING_BORES;
export const GAS_FITTINGS = Object.keys(FITTING_BORES) as GasFitting[];

export interface GasRunInput {
  gas: FuelGas;
  supply: 'low' | 'elevated';
  insideDiameterM: number;
  lengthM: number;
  dropPa: number;
  inletPa?: number | undefined;
  flowM3h?: number | undefined;
  fittings?: readonly { type: GasFitting; count: number }[] | undefined;
  heatingValueJm3?: number | undefined;
}

export interface GasRun {
  capacityM3h: number;
  capacityW: number;
  actualDropPa?: number;
  velocityMs?: number;
  verdict?: 'within' | 'over';
}

const M3_PER_FT3 = 0.028316846592;
const M_PER_IN = 0.0254;
const M_PER_FT = 0.3048;
const PA_PER_PSI = 6894.757293168361;
const PA_PER_INWC = 249.08891;
/** Gauge pressure of a usual low supply, for its density. */
const LOW_SUPPLY_PA = 1700;
const FLOW_POWER = 0.381;
const DROP_POWER = 0.206;
const LOW = 19.17;
const ELEVATED = 18.93;

/**
 * Capacity of a gas pipe at a pressure loss, and the loss at a flow.
 *
 * @param run gas, supply (low below 1.5 psig, else elevated with its inlet), bore m, length m with fittings in bores, drop Pa allowed, flow m3/h
 * @returns m3/h at 15 degrees C and 1 atm, and W of heat; for a flow its drop Pa, its speed m/s at the inlet, and whether it is within the capacity
 * @throws InvalidInput where an elevated supply has no inlet, a low one has, or nothing is left of the length
 * Source: the sizing equations of NFPA 54 / IFGC, in their own units.
 *
 * @example
 * gasRun({ gas: 'natural-gas', supply: 'low', insideDiameterM: 0.02664, lengthM: 30, dropPa: 125 }).capacityM3h // 5.3
 */
export function gasRun(run: GasRunInput): GasRun {
  const { gas, supply, insideDiameterM, dropPa, inletPa, flowM3h, fittings = [] } = run;
  if (supply === 'elevated' && inletPa === undefined)
    throw new InvalidInput(
      'inletPa',
      'inletPa is missing: an elevated supply needs the pressure at its inlet.',
    );
  if (supply === 'low' && inletPa !== undefined)
    throw new InvalidInput('inletPa', 'inletPa belongs to an elevated supply: leave it out of a low one.');
  if (inletPa !== undefined && dropPa > inletPa)
    throw new InvalidInput('dropPa', `dropPa is ${dropPa}: give at most inletPa, ${inletPa}.`);
  const bores = fittings.reduce((sum, { type, count }) => sum + FITTING_BORES[type] * count, 0);
  const lengthM = run.lengthM + bores * insideDiameterM;
  if (lengthM === 0)
    throw new InvalidInput('lengthM', 'lengthM is 0 and there are no fittings: give a length.');
  const { cr, y, heatingValueJm3 } = FUEL_GAS_FACTS[gas];
  const diameterIn = insideDiameterM / M_PER_IN;
  const resistance = (cr * lengthM) / M_PER_FT;
  const inletAbs = ATMOSPHERE_PA + (inletPa ?? LOW_SUPPLY_PA);
  const inletPsia = inletAbs / PA_PER_PSI;
  const outletPsia = (inletAbs - dropPa) / PA_PER_PSI;
  const driving = supply === 'low' ? dropPa / PA_PER_INWC : (inletPsia ** 2 - outletPsia ** 2) * y;
  const factor = supply === 'low' ? LOW : ELEVATED;
  const capacityM3h =
    (factor * diameterIn * (driving / resistance) ** DROP_POWER) ** (1 / FLOW_POWER) * M3_PER_FT3;
  const heat = run.heatingValueJm3 ?? heatingValueJm3;
  const capacityW = (capacityM3h * heat) / 3600;
  if (flowM3h === undefined) return { capacityM3h, capacityW };

  const needed =
    resistance * ((flowM3h / M3_PER_FT3) ** FLOW_POWER / (factor * diameterIn)) ** (1 / DROP_POWER);
  const actualDropPa =
    supply === 'low'
      ? needed * PA_PER_INWC
      : inletAbs - Math.sqrt(Math.max(0, inletPsia ** 2 - needed / y)) * PA_PER_PSI;
  const area = (Math.PI / 4) * insideDiameterM ** 2;
  return {
    capacityM3h,
    capacityW,
    actualDropPa,
    velocityMs: ((flowM3h / 3600) * (ATMOSPHERE_PA / inletAbs)) / area,
    verdict: flowM3h <= capacityM3h ? 'within' : 'over',
  };
}
