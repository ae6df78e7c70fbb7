import {
  type PressureRating,
  type RatedPart,
  allowablePressurePa,
  deratedPressurePa,
  pressureRating,
  ratingTable,
} from '../../physics/rating/index.js';
import { MEDIUM_FACTS } from '../../ground/media/index.js';
import { isPlastic } from '../../ground/valves/index.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';
import { jointParts } from './joint-parts.js';
import { oncePerDuty } from './once-per-duty.js';
import type { Measured } from './rule.js';

/** What is known of a valve's assembly at the duty's temperature, and the facts still wanted for the whole. */
export interface Assembly {
  /** Undefined where no part's rating is known, or a fact of the duty that decides on it. */
  rating?: PressureRating;
  /** What the weakest part carries, Pa, at the hottest the medium can be where the temperature is not known. */
  allowablePa?: number;
  /** Wanted for the body's rating. */
  missing?: 'ratingId' | 'bodyMaterial';
  /** Facts of the duty that decide on it and are not known. */
  unknown: readonly ('pressurePa' | 'temperatureC')[];
}

/** Up to here of its rating a part is not said to be near it. */
export const NEAR_RATING = 0.8;
/** The strongest plastic valve body the tables hold, Pa at 23 degrees C. */
const STRONGEST_PLASTIC_PA = ratingTable('body-plastic-235').points[0]?.pressurePa ?? 0;

/**
 * Rates a valve with its joints against a duty: the weakest of body and end joints governs.
 *
 * @param duty  pressure and temperature, either of which may be unknown
 * @param valve its rating (built-in table or own points), body material and ends
 *
 * @example
 * rateAssembly({ temperatureC: 10, pressurePa: 517107, ... }, { type: 'ball', ratingId: 'body-brass-600cwp', ends: ['press', 'press'] })
 * // rating.governing 'press joint', rating.allowablePa 1378951
 */
export function rateAssembly(duty: Duty, valve: Candidate): Assembly {
  const { ratingId, points, bodyMaterial, ends, listedJoint } = valve;
  if (points || listedJoint) return rate(duty, valve);
  // Valves of one rating, material and ends carry the same: looked up in turn, since a joined key would be made for every valve.
  const ofRating = within(knownAssemblies(duty), ratingId);
  const ofMaterial = within(ofRating, bodyMaterial);
  const ofInlet = within(ofMaterial, ends?.[0]);
  let assembly = ofInlet.get(ends?.[1]);
  if (!assembly) ofInlet.set(ends?.[1], (assembly = rate(duty, valve)));
  return assembly;
}

type Known<T> = Map<string | undefined, T>;
const knownAssemblies = oncePerDuty((): Known<Known<Known<Known<Assembly>>>> => new Map());

function within<T>(known: Known<Known<T>>, key: string | undefined): Known<T> {
  let inner = known.get(key);
  if (!inner) known.set(key, (inner = new Map()));
  return inner;
}

function rate(duty: Duty, valve: Candidate): Assembly {
  const { pressurePa, temperatureC, medium } = duty;
  const [coldest, hottest] =
    temperatureC === undefined ? MEDIUM_FACTS[medium].rangeC : [temperatureC, temperatureC];
  const { parts, missing } = partsAt(duty, valve, hottest);
  const [first, ...rest] = parts;
  if (!first) return { ...(missing && { missing }), unknown: [] };
  const hot = pressureRating([first, ...rest], pressurePa ?? 0);
  const carries = {
    ...(hot.verdict !== 'not-rated' && { allowablePa: hot.allowablePa }),
    ...(missing && { missing }),
  };
  if (temperatureC !== undefined) {
    const decides = pressurePa !== undefined || hot.verdict === 'not-rated';
    return decides ? { rating: hot, ...carries, unknown: [] } : { ...carries, unknown: ['pressurePa'] };
  }
  const [one, ...others] = partsAt(duty, valve, coldest).parts;
  const cold = one && pressureRating([one, ...others], pressurePa ?? 0);
  if (pressurePa === undefined)
    return {
      ...carries,
      unknown: cold?.allowablePa === hot.allowablePa ? ['pressurePa'] : ['pressurePa', 'temperatureC'],
    };
  return cold && standing(cold) === standing(hot)
    ? { rating: cold, ...carries, unknown: [] }
    : { ...carries, unknown: ['temperatureC'] };
}

/** The pressure of a duty against what a rating allows; undefined where either is not known. */
export const measuredAgainst = (
  { pressurePa }: Duty,
  rating: PressureRating | undefined,
): Measured | undefined =>
  !rating || pressurePa === undefined
    ? undefined
    : { value: pressurePa, limit: rating.allowablePa, unit: 'Pa' };

/** What the rules would say of a rating. */
const standing = ({ verdict, utilisation = 0 }: PressureRating): string =>
  verdict !== 'within' ? 'out' : utilisation > NEAR_RATING ? 'near' : 'within';

function partsAt(
  duty: Duty,
  valve: Candidate,
  temperatureC: number,
): { parts: RatedPart[]; missing?: 'ratingId' | 'bodyMaterial' } {
  const body = bodyPart(duty, valve, temperatureC);
  const joints = jointParts(duty, valve, temperatureC);
  return 'name' in body ? { parts: [body, ...joints] } : { parts: joints, missing: body.missing };
}

function bodyPart(
  { dn }: Duty,
  { ratingId, points, bodyMaterial }: Candidate,
  temperatureC: number,
): RatedPart | { missing: 'ratingId' | 'bodyMaterial' } {
  if (points) return { name: 'body', allowablePa: allowablePressurePa(points, temperatureC) };
  if (!ratingId) return { missing: 'ratingId' };
  const table = ratingTable(ratingId);
  if (dn < table.fromDn || dn > table.toDn) return { missing: 'ratingId' };
  const base = table.points[0]?.pressurePa ?? 0;
  if (isPlastic(bodyMaterial))
    return { name: 'body', allowablePa: deratedPressurePa(base, bodyMaterial, temperatureC) };
  if (ratingId.startsWith('body-plastic')) return { missing: 'bodyMaterial' };
  return { name: 'body', allowablePa: allowablePressurePa(table.points, temperatureC) };
}

/**
 * The most that a body of a plastic can carry, whatever its rating.
 *
 * @returns Pa; undefined for metal, and where the temperature is not known
 *
 * @example
 * mostOfPlasticPa({ temperatureC: 49, ... }, { type: 'ball', bodyMaterial: 'pvc' }) // 648107
 */
export function mostOfPlasticPa({ temperatureC }: Duty, { bodyMaterial }: Candidate): number | undefined {
  if (temperatureC === undefined || !isPlastic(bodyMaterial)) return undefined;
  return deratedPressurePa(STRONGEST_PLASTIC_PA, bodyMaterial, temperatureC);
}
