import { InvalidInput } from '../../ground/input/index.js';
import { type SteamStop, steamStop } from '../../physics/steam/index.js';
import type { CharacteristicName } from '../../ground/valves/index.js';

/** A radiator with the valve that feeds it. */
export interface Radiator {
  tag: string;
  dn: number;
  areaM2Edr: number;
  openKv: number;
  characteristic: CharacteristicName;
  turns: number;
  /** From the source, m. */
  distanceM: number;
}

export interface SetRadiator {
  radiator: Radiator;
  /** Left out where the figures cannot be worked out; then `trouble` says why. */
  stop?: SteamStop;
  trouble?: string;
  /** Place in the order of balancing, from 1. */
  order: number;
}

/** Radiation that a valve of a size usually feeds, m2 EDR, where nobody measured it. Our own generic figures, two-pipe vapour. */
const USUAL_AREA_M2: readonly { dn: number; areaM2: number }[] = [
  { dn: 15, areaM2: 1.4 },
  { dn: 20, areaM2: 2.8 },
  { dn: 25, areaM2: 5.6 },
  { dn: 32, areaM2: 9.3 },
  { dn: 40, areaM2: 14 },
];

/** Radiation assumed behind a radiator valve of a size, m2 EDR. */
export const usualRadiatorM2 = (dn: number): number =>
  (USUAL_AREA_M2.find((of) => of.dn >= dn) ?? USUAL_AREA_M2[USUAL_AREA_M2.length - 1])?.areaM2 ?? 5.6;

/**
 * Every radiator of a hall with its opening and internal stop, in the order they are balanced: the one nearest the boiler first, since it takes the
 * steam from all the others.
 *
 * @param radiators as walked
 * @param steam     supply and return, Pa gauge
 *
 * @example
 * setRadiators(radiators, { supplyPa: 3400, returnPa: 0 })[0]?.order // 1
 */
export function setRadiators(
  radiators: readonly Radiator[],
  { supplyPa, returnPa }: { supplyPa: number; returnPa: number },
): SetRadiator[] {
  return [...radiators]
    .sort((a, b) => a.distanceM - b.distanceM)
    .map((radiator, index) => {
      const { areaM2Edr: radiatorAreaM2Edr, openKv, characteristic, turns } = radiator;
      const order = index + 1;
      try {
        const stop = steamStop({ radiatorAreaM2Edr, supplyPa, returnPa, openKv, characteristic, turns });
        return { radiator, stop, order };
      } catch (error) {
        if (!(error instanceof InvalidInput)) throw error;
        return { radiator, trouble: error.message, order };
      }
    });
}
