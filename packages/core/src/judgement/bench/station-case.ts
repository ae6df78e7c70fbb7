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

/**
 * The case of a station’s log at a position, each figure with where it is from.
 *
 * @example
 * stationCase({ medium: 'raw-sewage', function: 'non-return', dn: 100 }).wellDiameterM // { value: 1.8, from: 'assumed' }
 */
export const stationCase = (duty: Duty): Filled<StationCase> => ({
  wellDiameterM: given(ASSUMED_WELL_M),
  pumpFlowM3s: given(ASSUMED_FLOW_M3S, ['duty', duty.flowM3s || undefined]),
  platePowerKw: given(0),
});

/** Plan area of a round well, m2. */
export const wellAreaM2 = (diameterM: number): number => (Math.PI / 4) * diameterM ** 2;
