import type { Duty } from '../duty/index.js';
import { type Filled, given } from './filled.js';

/** What of a pump station has to be known to read its log. */
export interface StationCase {
  wellDiameterM: number;
  pumpFlowM3s: number;
  /** On the plate of the pump. */
  platePowerKw: number;
}

const ASSUMED_WELL_M = 1.8;
const ASSUMED_FLOW_M3S = 0.01;
const W_IN_KW = 1000;

/** What somebody said of a station; null where nobody did. */
export interface KnownStation {
  wellAreaM2: number | null;
  pumpFlowM3s: number | null;
  platePowerW: number | null;
}

/**
 * The case of a station’s log at a position, each figure with where it is from.
 *
 * @param duty of the check
 * @param known what was said of the station, m2, m3/s and W
 *
 * @example
 * stationCase({ medium: 'raw-sewage', function: 'non-return', dn: 100 }).wellDiameterM // { value: 1.8, from: 'assumed' }
 */
export const stationCase = (duty: Duty, known?: KnownStation): Filled<StationCase> => ({
  wellDiameterM: given(ASSUMED_WELL_M, [
    'station',
    known?.wellAreaM2 == null ? undefined : wellDiameterM(known.wellAreaM2),
  ]),
  pumpFlowM3s: given(
    ASSUMED_FLOW_M3S,
    ['station', known?.pumpFlowM3s ?? undefined],
    ['duty', duty.flowM3s || undefined],
  ),
  platePowerKw: given(0, ['station', known?.platePowerW == null ? undefined : known.platePowerW / W_IN_KW]),
});

/** Plan area of a round well, m2. */
export const wellAreaM2 = (diameterM: number): number => (Math.PI / 4) * diameterM ** 2;

/** Diameter of a round well, m. */
const wellDiameterM = (areaM2: number): number => Math.sqrt((4 * areaM2) / Math.PI);
