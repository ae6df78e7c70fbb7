import { type ValveType, familyOf } from '../../../ground/valves/index.js';
import type { ClosureLaw } from '../../../physics/surge/index.js';

const OF_TYPE: Partial<Record<ValveType, ClosureLaw>> = {
  'quarter-turn-stop': 'ball',
  'plug-taper': 'ball',
  'plug-lubricated': 'ball',
  'plug-eccentric': 'plug-eccentric',
  'compression-stop': 'globe-linear',
  'compression-stop-angle': 'globe-linear',
};
const OF_FAMILY: Partial<Record<ReturnType<typeof familyOf>, ClosureLaw>> = {
  ball: 'ball',
  gate: 'gate',
  globe: 'globe-linear',
  butterfly: 'butterfly',
  diaphragm: 'globe-linear',
};

/**
 * How the opening of a type falls while its handle moves evenly, as `surge` names it.
 *
 * @param type kind of valve
 *
 * @example
 * closingLaw('plug-taper') // 'ball'
 */
export const closingLaw = (type: ValveType): ClosureLaw =>
  OF_TYPE[type] ?? OF_FAMILY[familyOf(type)] ?? 'linear';
