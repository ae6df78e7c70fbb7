import { type CatalogueModel, candidateOf, openValve, sizeFor } from '../line-up/index.js';
import {
  type Candidate,
  type Duty,
  closingLaw,
  closingTime,
  closingLimitPa,
  surgeLimitPa,
  rateAssembly,
} from '../selection/index.js';
import type { ClosureLaw } from '../../physics/surge/index.js';
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
  /** How its opening falls while its handle moves evenly. */
  law: ClosureLaw;
  /** As its maker gives it, s. */
  ownClosingS?: number;
  /** By what turns it, s. */
  closesInS?: number;
  openKv?: number;
  boreRatio?: number;
  taperAngleDeg?: number;
  /** Pa gauge at the duty's temperature, and which part it is. */
  limitPa?: number;
  weakest?: string;
}

/** What is weaker than the valve itself, where the walk knows such a part. */
const OTHER_PART = 'stop or hose of this line';

/**
 * What the bench knows of a model at a duty; of a bare type, only what the type tells.
 *
 * @param duty  size, pipe, pressure and temperature
 * @param valve a model of the catalogue, or a type
 *
 * @example
 * benchValve(duty, 'ball').closesInS // 0.3
 */
export function benchValve(duty: Duty, valve: CatalogueModel | ValveType): BenchValve {
  if (typeof valve === 'string') return ofCandidate({ type: valve }, duty.dn);
  const size = sizeFor(valve, duty);
  if (!size) return ofCandidate({ type: valve.type, operator: valve.operator }, duty.dn);
  const candidate = candidateOf(valve, size);
  const open = openValve(duty, valve, size);
  const asRated = { ...duty, surgeLimitPa: undefined };
  const limitPa = closingLimitPa(asRated, candidate);
  const weakest =
    limitPa !== undefined && limitPa < (surgeLimitPa(asRated, candidate) ?? Infinity)
      ? OTHER_PART
      : rateAssembly(duty, candidate).rating?.governing;
  return {
    ...ofCandidate(candidate, duty.dn),
    ...(open && { openKv: open.kv }),
    ...(open?.boreRatio !== undefined && { boreRatio: open.boreRatio }),
    ...(valve.taperAngleDeg !== undefined && { taperAngleDeg: valve.taperAngleDeg }),
    ...(limitPa !== undefined && { limitPa }),
    ...(limitPa !== undefined && weakest !== undefined && { weakest }),
  };
}

function ofCandidate({ closeTimeS, ...valve }: Candidate, dn: number): BenchValve {
  const { type, operator } = valve;
  const time = closingTime({ dn }, valve);
  const closesInS = time && ('ask' in time ? time.fastestS || undefined : time.timeS);
  return {
    type,
    characteristic: valveTypeFacts(type).characteristic ?? 'globe-linear',
    law: closingLaw(type),
    turns: valve.turns ?? stemTurns(type, dn),
    ...(operator && { operator }),
    ...(closeTimeS !== undefined && { ownClosingS: closeTimeS }),
    ...(closesInS !== undefined && { closesInS }),
  };
}
