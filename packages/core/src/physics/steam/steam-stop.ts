import { gasPerKv } from '../gas/index.js';
import { InvalidInput } from '../../ground/input/index.js';
import { ATMOSPHERE_PA } from '../../ground/media/index.js';
import { type CharacteristicName, openingFor, relativeKv } from '../../ground/valves/index.js';

export interface SteamStopInput {
  /** Equivalent direct radiation, m2; else loadW. */
  radiatorAreaM2Edr?: number | undefined;
  loadW?: number | undefined;
  supplyPa: number;
  returnPa: number;
  openKv: number;
  characteristic: CharacteristicName;
  turns?: number | undefined;
}

export interface SteamStop {
  steamKgH: number;
  densityKgM3: number;
  requiredKv: number;
  opening: number;
  /** Turns of the stem from shut, to the next sixteenth. */
  stopSetting: number;
  /** Change of Kv for a sixteenth of a turn, of the Kv there. */
  stepPerSixteenth?: number;
  verdict: 'fine-enough' | 'too-coarse' | 'too-small';
}

/** 240 Btu/h a square foot. */
const W_PER_M2_EDR = (240 * 1055.05585262) / 3600 / 0.3048 ** 2;
const GAMMA = 1.31;
const CONE_X_T = 0.7;
const DISC_X_T = 0.35;
const SIXTEENTH = 1 / 16;
/** A change of the steam by more for a sixteenth of a turn cannot be set. */
export const FINE_STEAM_STEP = 0.15;
/** What a rounding may leave above a sixteenth. */
const SLACK = 1e-9;

/**
 * How far a radiator valve is opened on low-pressure or vapour steam, and where its internal stop is set.
 *
 * @param valve radiator (m2 EDR) or load W, supply and return Pa gauge, Kv fully open, characteristic, turns of the stem
 * @returns steam kg/h, Kv needed, opening 0 to 1, stop in turns, and whether a sixteenth of a turn is fine enough
 * @throws InvalidInput where radiator and load are both given or both left out, or the return is not below the supply
 * Source: IEC 60534 for the flow; saturation by the Buck form read backwards.
 *
 * @example
 * steamStop({ radiatorAreaM2Edr: 4, supplyPa: 3447, returnPa: 0, openKv: 3, characteristic: 'metering-cone' }).verdict // 'fine-enough'
 */
export function steamStop(valve: SteamStopInput): SteamStop {
  const { supplyPa, returnPa, openKv, characteristic } = valve;
  const isCone = characteristic === 'metering-cone';
  const turns = valve.turns ?? (isCone ? 4 : 2);
  const loadW = loadOf(valve);
  if (returnPa >= supplyPa)
    throw new InvalidInput('returnPa', `returnPa is ${returnPa}: give less than supplyPa, ${supplyPa}.`);
  const inletAbsPa = ATMOSPHERE_PA + supplyPa;
  const saturatedC = saturationC(inletAbsPa);
  const densityKgM3 = (inletAbsPa * 0.018015) / (8.314 * (saturatedC + 273.15));
  const latentJKg = 2257e3 - 2.6e3 * (saturatedC - 100);
  const steamKgH = (loadW / latentJKg) * 3600;
  const requiredKv =
    steamKgH /
    gasPerKv({
      inletAbsPa,
      outletAbsPa: ATMOSPHERE_PA + returnPa,
      densityKgM3,
      gamma: GAMMA,
      xT: isCone ? CONE_X_T : DISC_X_T,
    });
  const known = { steamKgH, densityKgM3, requiredKv };
  if (requiredKv > openKv) return { ...known, opening: 1, stopSetting: turns, verdict: 'too-small' };
  const opening = openingFor(characteristic, requiredKv / openKv);
  const stopSetting = Math.min(turns, Math.ceil((opening * turns) / SIXTEENTH - SLACK) * SIXTEENTH);
  const kvAt = (turned: number): number => relativeKv(characteristic, turned / turns);
  // A radiator far too small for its valve: shut is the nearest sixteenth, so the first one is all that can be set.
  if (kvAt(stopSetting) === 0)
    return { ...known, opening: SIXTEENTH / turns, stopSetting: SIXTEENTH, verdict: 'too-coarse' };
  const isLast = stopSetting + SIXTEENTH > turns;
  const step = isLast
    ? kvAt(stopSetting) - kvAt(stopSetting - SIXTEENTH)
    : kvAt(stopSetting + SIXTEENTH) - kvAt(stopSetting);
  const stepPerSixteenth = step / kvAt(stopSetting);
  return {
    ...known,
    opening,
    stopSetting,
    stepPerSixteenth,
    verdict: stepPerSixteenth <= FINE_STEAM_STEP ? 'fine-enough' : 'too-coarse',
  };
}

function loadOf({ radiatorAreaM2Edr, loadW }: SteamStopInput): number {
  if (radiatorAreaM2Edr !== undefined && loadW !== undefined)
    throw new InvalidInput('loadW', 'radiatorAreaM2Edr and loadW are both given: give only one of them.');
  const load = loadW ?? (radiatorAreaM2Edr === undefined ? undefined : radiatorAreaM2Edr * W_PER_M2_EDR);
  if (load === undefined) throw new InvalidInput('loadW', 'loadW is missing: give it, or radiatorAreaM2Edr.');
  return load;
}

/** Saturation temperature of steam, degrees C: the Buck form solved for the temperature. */
function saturationC(absolutePa: number): number {
  const log = Math.log(absolutePa / 611.21);
  const half = (18.678 - log) / 2;
  return 234.5 * (half - Math.sqrt(half ** 2 - (257.14 * log) / 234.5));
}
