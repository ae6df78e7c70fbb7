import {
  type PressureRating,
  type RatedPart,
  type RatingId,
  allowablePressurePa,
  deratedPressurePa,
  pressureRating,
  ratingTable,
} from '../../physics/rating/index.js';
import { type End, END_WORDS } from '../../ground/valves/index.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';
import { oncePerDuty } from './once-per-duty.js';

/** What is known of a valve's assembly at the duty's temperature, and the facts still wanted for the whole. */
export interface Assembly {
  /** Undefined where no part's rating is known. */
  rating?: PressureRating;
  /** Wanted for the body's rating. */
  missing?: 'ratingId' | 'bodyMaterial';
}

/**
 * Rates a valve with its joints against a duty: the weakest of body and end joints governs.
 *
 * @param duty  pressure and temperature; the pipe's material tells what a thread is screwed into
 * @param valve its rating (built-in table or own points), body material and ends
 *
 * @example
 * rateAssembly({ temperatureC: 10, pressurePa: 517107, ... }, { type: 'ball', ratingId: 'body-brass-600cwp', ends: ['press', 'press'] })
 * // rating.governing 'press joint', rating.allowablePa 1378951
 */
export function rateAssembly(duty: Duty, valve: Candidate): Assembly {
  const { ratingId, points, bodyMaterial, ends } = valve;
  if (points) return rate(duty, valve);
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
  const body = bodyPart(duty, valve);
  const parts = [...('name' in body ? [body] : []), ...jointParts(duty, valve)];
  const [first, ...rest] = parts;
  return {
    ...(first && { rating: pressureRating([first, ...rest], duty.pressurePa) }),
    ...('missing' in body && { missing: body.missing }),
  };
}

function bodyPart(
  { temperatureC, dn }: Duty,
  { ratingId, points, bodyMaterial }: Candidate,
): RatedPart | { missing: 'ratingId' | 'bodyMaterial' } {
  if (points) return { name: 'body', allowablePa: allowablePressurePa(points, temperatureC) };
  if (!ratingId) return { missing: 'ratingId' };
  const table = ratingTable(ratingId);
  if (dn < table.fromDn || dn > table.toDn) return { missing: 'ratingId' };
  const base = table.points[0]?.pressurePa ?? 0;
  if (bodyMaterial === 'pvc' || bodyMaterial === 'cpvc')
    return { name: 'body', allowablePa: deratedPressurePa(base, bodyMaterial, temperatureC) };
  if (ratingId.startsWith('body-plastic')) return { missing: 'bodyMaterial' };
  return { name: 'body', allowablePa: allowablePressurePa(table.points, temperatureC) };
}

function jointParts(duty: Duty, { ends = [] }: Candidate): RatedPart[] {
  return [...new Set(ends)].flatMap((end) => {
    const id = jointRating(end, duty);
    if (!id) return [];
    return [
      {
        name: `${JOINT_WORDS[end] ?? END_WORDS[end]} joint`,
        allowablePa: allowablePressurePa(ratingTable(id).points, duty.temperatureC),
      },
    ];
  });
}

const JOINT_WORDS: Partial<Record<End, string>> = {
  sweat: 'soldered',
  fip: 'threaded',
  mip: 'threaded',
  'mechanical-joint': 'mechanical',
  'pex-barb': 'PEX',
  'pex-expansion': 'PEX',
  'flange-150': 'flanged',
};

/**
 * The table a joint is rated by, where one covers its kind and size. Solder is taken as lead-free 95-5. The threaded table is for malleable
 * fittings on steel pipe, which no high-pressure wash line is built with.
 */
function jointRating(end: End, { dn, pipe, medium }: Duty): RatingId | undefined {
  const id = jointTable(end, dn);
  if (!id) return undefined;
  const onSteel = pipe?.material === 'steel' || pipe?.material === 'galvanised';
  if (id === 'joint-threaded-steel' && (!onSteel || medium === 'wash-water-high-pressure')) return undefined;
  const { fromDn, toDn } = ratingTable(id);
  return dn >= fromDn && dn <= toDn ? id : undefined;
}

function jointTable(end: End, dn: number): RatingId | undefined {
  if (end === 'sweat')
    return dn <= 25
      ? 'joint-solder-sn95sb5-15'
      : dn <= 50
        ? 'joint-solder-sn95sb5-32'
        : 'joint-solder-sn95sb5-65';
  return JOINT_TABLES[end];
}

const JOINT_TABLES: Partial<Record<End, RatingId>> = {
  press: 'joint-press-copper',
  'push-fit': 'joint-pushfit',
  'pex-barb': 'joint-pex-barb',
  'pex-expansion': 'joint-pex-barb',
  'flange-150': 'joint-flange-150',
  'mechanical-joint': 'joint-mechanical-350',
  grooved: 'joint-grooved-300',
  fip: 'joint-threaded-steel',
  mip: 'joint-threaded-steel',
};
