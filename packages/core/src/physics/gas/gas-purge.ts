import { ATMOSPHERE_PA } from '../../ground/media/index.js';
import { PIPE_TABLES } from '../../ground/pipes/index.js';
import { type CharacteristicName, openingFor, relativeKv } from '../../ground/valves/index.js';
import { FUEL_GAS_FACTS, type FuelGas } from './fuel-gas.js';
import { gasPerKv } from './gas-through-valve.js';

export interface GasPurgeInput {
  segments: readonly { insideDiameterM: number; lengthM: number }[];
  gas: FuelGas;
  pressurePa: number;
  /** Multiples of the line's volume. */
  volumes?: number | undefined;
  /** The valve that is there to be worn out. */
  outlet: { openKv: number; characteristic: CharacteristicName };
  excessFlowTripM3h?: number | undefined;
  tripMargin?: number | undefined;
  opening?: number | undefined;
}

interface Purging {
  opening: number;
  flowM3h: number;
  seconds: number;
}

export interface GasPurge {
  lineVolumeM3: number;
  openings: Purging[];
  /** Left out, as the next, where no trip is known. */
  maxOpening?: number;
  recommended: Purging;
  wouldTripIfFullyOpen?: boolean;
  dischargeRule: 'outdoors-only' | 'code-and-ventilation';
}

const VOLUMES = 1.5;
const TRIP_MARGIN = 0.8;
const HALF_OPEN = 0.5;
const OUTDOORS_FROM_PA = 2 * 6894.757293168361;
const M_PER_FT = 0.3048;
/** Pressure drop ratio at which each chokes. */
const X_T: Partial<Record<CharacteristicName, number>> = {
  ball: 0.25,
  'plug-eccentric': 0.35,
  butterfly: 0.38,
  gate: 0.42,
};
const OTHER_X_T = 0.7;
/** Sizes and lengths from which gas is let out outdoors only. Source: the purging table of the fuel-gas codes. */
const OUTDOORS_FROM: readonly { dn: number; lengthFt: number }[] = [
  { dn: 65, lengthFt: 50 },
  { dn: 80, lengthFt: 30 },
  { dn: 100, lengthFt: 15 },
  { dn: 150, lengthFt: 10 },
  { dn: 200, lengthFt: 0 },
];

/**
 * Clearing a line of gas through a valve that is there to be worn out.
 *
 * @param purge segments with bore and length m, gas, pressure Pa gauge, outlet valve, and the excess-flow valve's trip m3/h where there is one
 * @returns flow and time at each tenth of the handle, how far it may be opened, what is recommended, and where the gas may be let out
 * Source: IEC 60534 for the flow; the line is held at its pressure. The purging table of NFPA 54 / IFGC for where.
 *
 * @example
 * gasPurge({ segments: [{ insideDiameterM: 0.0525, lengthM: 30 }], gas: 'natural-gas', pressurePa: 13790, outlet: { openKv: 12, characteristic: 'ball' } }).recommended.opening // 0.5
 */
export function gasPurge(purge: GasPurgeInput): GasPurge {
  const {
    segments,
    gas,
    pressurePa,
    volumes = VOLUMES,
    outlet,
    excessFlowTripM3h,
    tripMargin = TRIP_MARGIN,
  } = purge;
  const { densityKgM3: standardKgM3, gamma } = FUEL_GAS_FACTS[gas];
  const lineVolumeM3 = segments.reduce(
    (sum, { insideDiameterM, lengthM }) => sum + (Math.PI / 4) * insideDiameterM ** 2 * lengthM,
    0,
  );
  const inletAbsPa = ATMOSPHERE_PA + pressurePa;
  const densityKgM3 = standardKgM3 * (inletAbsPa / ATMOSPHERE_PA);
  const fullKgH =
    outlet.openKv *
    gasPerKv({
      inletAbsPa,
      outletAbsPa: ATMOSPHERE_PA,
      densityKgM3,
      gamma,
      xT: X_T[outlet.characteristic] ?? OTHER_X_T,
    });
  const at = (opening: number): Purging => {
    const kgH = fullKgH * relativeKv(outlet.characteristic, opening);
    return {
      opening,
      flowM3h: kgH / standardKgM3,
      seconds: (volumes * lineVolumeM3 * densityKgM3 * 3600) / kgH,
    };
  };
  const fullM3h = fullKgH / standardKgM3;
  const maxOpening =
    excessFlowTripM3h === undefined
      ? undefined
      : openingFor(outlet.characteristic, (tripMargin * excessFlowTripM3h) / fullM3h);
  return {
    lineVolumeM3,
    openings: Array.from({ length: 10 }, (_, tenth) => at((tenth + 1) / 10)),
    ...(maxOpening !== undefined && { maxOpening }),
    recommended: at(purge.opening ?? Math.min(HALF_OPEN, maxOpening ?? 1)),
    ...(excessFlowTripM3h !== undefined && { wouldTripIfFullyOpen: fullM3h > excessFlowTripM3h }),
    dischargeRule:
      pressurePa > OUTDOORS_FROM_PA || isLarge(segments) ? 'outdoors-only' : 'code-and-ventilation',
  };
}

/** Whether so much of a large size is to be cleared that the code's table sends the gas outdoors. */
function isLarge(segments: GasPurgeInput['segments']): boolean {
  return OUTDOORS_FROM.some(({ dn, lengthFt }) => {
    const ofSize = segments.filter(({ insideDiameterM }) => nominal(insideDiameterM) >= dn);
    const lengthM = ofSize.reduce((sum, segment) => sum + segment.lengthM, 0);
    return ofSize.length > 0 && lengthM >= lengthFt * M_PER_FT;
  });
}

/** The steel size whose bore is nearest. */
function nominal(insideM: number): number {
  const sizes = PIPE_TABLES['steel-40'].sizes;
  return sizes.reduce((best, size) =>
    Math.abs(size.insideM - insideM) < Math.abs(best.insideM - insideM) ? size : best,
  ).dn;
}
