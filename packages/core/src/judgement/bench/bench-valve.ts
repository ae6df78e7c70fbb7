import { type CatalogueModel, candidateOf, openValve, sizeFor } from '../line-up/index.js';
import { type Duty, rateAssembly } from '../selection/index.js';
import { quickestClosingS } from '../../physics/surge/index.js';
import {
  type CharacteristicName,
  type Operator,
  type ValveType,
  stemTurns,
  valveTypeFacts,
} from '../../ground/valves/index.js';

/** A valve as the bench takes it: what it does when it moves, and what its weakest part carries. */
export interface BenchValve {
  type: ValveType;
  /** Of types that have none of their own, an even one. */
  characteristic: CharacteristicName;
  operator?: Operator;
  /** Turns of the stem from shut to open. */
  turns: number;
  /** Shut in a hurry, s. */
  closesInS?: number;
  openKv?: number;
  boreRatio?: number;
  taperAngleDeg?: number;
  /** Pa gauge at the duty's temperature, and which part it is. */
  limitPa?: number;
  weakest?: string;
}

/**
 * What the bench knows of a model at a duty; of a bare type, only what the type tells.
 *
 * @param duty  size, pipe, pressure and temperature
 * @param valve a model of the catalogue, or a type
 *
 * @example
 * benchValve(duty, 'ball').closesInS // 0.15
 */
export function benchValve(duty: Duty, valve: CatalogueModel | ValveType): BenchValve {
  if (typeof valve === 'string') return ofType(valve, undefined, duty.dn);
  const size = sizeFor(valve, duty);
  const known = ofType(valve.type, valve.operator, duty.dn);
  if (!size) return known;
  const open = openValve(duty, valve, size);
  const { rating } = rateAssembly(duty, candidateOf(valve, size));
  return {
    ...known,
    ...(valve.closeTimeS !== undefined && { closesInS: valve.closeTimeS }),
    ...(open && { openKv: open.kv }),
    ...(open?.boreRatio !== undefined && { boreRatio: open.boreRatio }),
    ...(valve.taperAngleDeg !== undefined && { taperAngleDeg: valve.taperAngleDeg }),
    ...(rating &&
      rating.verdict !== 'not-rated' && { limitPa: rating.allowablePa, weakest: rating.governing }),
  };
}

function ofType(type: ValveType, operator: Operator | undefined, dn: number): BenchValve {
  const closesInS = quickestClosingS(type, operator, dn);
  return {
    type,
    characteristic: valveTypeFacts(type).characteristic ?? 'globe-linear',
    turns: stemTurns(type, dn),
    ...(operator && { operator }),
    ...(closesInS !== undefined && { closesInS }),
  };
}
