import {
  type RatedPart,
  type RatingId,
  allowablePressurePa,
  deratedPressurePa,
  ratingTable,
} from '../../physics/rating/index.js';
import { type End, END_WORDS, THREADED_ENDS, WELDED_ENDS, isPlastic } from '../../ground/valves/index.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';

/** As strong as the body they belong to. */
const AS_THE_BODY: readonly End[] = [
  ...THREADED_ENDS,
  ...WELDED_ENDS,
  'brazed',
  'wafer',
  'lug',
  'union-tail',
  'flange-900',
  'flange-1500',
  'flange-2500',
];

const SOLVENT = ratingTable('joint-solvent-pvc');
const SOLVENT_PA = SOLVENT.points[0]?.pressurePa ?? 0;

const JOINT_WORDS: Partial<Record<End, string>> = {
  sweat: 'soldered',
  'mechanical-joint': 'mechanical',
  'pex-barb': 'PEX',
  'pex-expansion': 'PEX',
  'solvent-socket': 'solvent-cemented',
  'male-hose': 'hose',
};

const TABLES: Partial<Record<End, RatingId>> = {
  press: 'joint-press-copper',
  'push-fit': 'joint-pushfit',
  'pex-barb': 'joint-pex-barb',
  'pex-expansion': 'joint-pex-expansion',
  'od-compression': 'joint-od-compression',
  flare: 'joint-flare',
  'flange-125': 'joint-flange-125',
  'flange-150': 'joint-flange-150',
  'flange-250': 'joint-flange-250',
  'flange-300': 'joint-flange-300',
  'flange-600': 'joint-flange-600',
  'flange-pn16': 'joint-flange-pn16',
  'mechanical-joint': 'joint-mechanical-350',
  'push-on': 'joint-push-on-350',
  grooved: 'joint-grooved-300',
  'male-hose': 'joint-male-hose',
};

/** Solder is taken as lead-free 95-5. */
const solderTable = (dn: number): RatingId =>
  dn <= 25 ? 'joint-solder-sn95sb5-15' : dn <= 50 ? 'joint-solder-sn95sb5-32' : 'joint-solder-sn95sb5-65';

/** The table a joint is rated by, where one covers its kind and size. */
function tableOf(end: End, dn: number): RatingId | undefined {
  const id = end === 'sweat' ? solderTable(dn) : TABLES[end];
  if (!id) return undefined;
  const { fromDn, toDn } = ratingTable(id);
  return dn >= fromDn && dn <= toDn ? id : undefined;
}

/** The plastic that a solvent-cemented joint is made in: the pipe's, else the valve's. */
function solventPlastic({ pipe }: Duty, { bodyMaterial }: Candidate): 'pvc' | 'cpvc' | undefined {
  return [pipe?.material, bodyMaterial].find(isPlastic);
}

/**
 * What the end joints of a valve carry at a temperature, as far as a table rates them.
 *
 * @param duty  nominal size; the pipe tells the plastic of a cemented joint
 * @param valve with its ends; a joint listed for the service is not held to the general table
 * @param temperatureC degrees C
 *
 * @example
 * jointParts(duty, { type: 'ball', ends: ['press', 'press'] }, 10) // [{ name: 'press joint', allowablePa: 1378951 }]
 */
export function jointParts(duty: Duty, valve: Candidate, temperatureC: number): RatedPart[] {
  if (valve.listedJoint) return [];
  return [...new Set(valve.ends ?? [])].flatMap((end): RatedPart[] => {
    const name = `${JOINT_WORDS[end] ?? END_WORDS[end]} joint`;
    const plastic = end === 'solvent-socket' ? solventPlastic(duty, valve) : undefined;
    if (plastic && duty.dn <= SOLVENT.toDn)
      return [{ name, allowablePa: deratedPressurePa(SOLVENT_PA, plastic, temperatureC) }];
    const id = tableOf(end, duty.dn);
    return id ? [{ name, allowablePa: allowablePressurePa(ratingTable(id).points, temperatureC) }] : [];
  });
}

/** Whether nothing tells what a joint carries: neither a table nor the body it belongs to. */
export function isUnratedJoint(end: End, duty: Duty, valve: Candidate): boolean {
  if (valve.listedJoint || AS_THE_BODY.includes(end)) return false;
  if (end === 'solvent-socket') return solventPlastic(duty, valve) === undefined || duty.dn > SOLVENT.toDn;
  return tableOf(end, duty.dn) === undefined;
}
