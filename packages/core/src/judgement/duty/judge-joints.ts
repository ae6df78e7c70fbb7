import { isFuelGas, isSteam } from '../../ground/media/index.js';
import { type End, END_WORDS, FLANGED_ENDS, THREADED_ENDS, WELDED_ENDS } from '../../ground/valves/index.js';
import { capitalized, withArticle } from '../../ground/wording/index.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';
import { isUnratedJoint } from './joint-parts.js';
import { type Judgement, advice, ask, care, ruledOut } from './rule.js';

/** What fuel gas is joined with, without a listing of the joint. */
const FOR_GAS: readonly End[] = [
  ...THREADED_ENDS,
  ...WELDED_ENDS,
  'flare',
  'brazed',
  'wafer',
  'lug',
  'union-tail',
  ...FLANGED_ENDS,
];
/** What carries a wash line at its pressure. */
const FOR_WASH: readonly End[] = [...THREADED_ENDS, ...WELDED_ENDS];
/** Joins fuel gas only where joint and seal are listed for it. */
const LISTED_FOR_GAS: readonly End[] = ['press', 'grooved'];
/** Joins polyethylene in the ground where it is listed for gas. */
const LISTED_UNDERGROUND: readonly End[] = ['mechanical-joint', 'push-on', 'spigot'];
/** Rubber, plastic and soft parts that steam ends. */
const NEVER_STEAM: readonly End[] = [
  'pex-barb',
  'pex-expansion',
  'solvent-socket',
  'male-hose',
  'grooved',
  'mechanical-joint',
  'push-on',
];
const SOLDER_ON_STEAM_C = 120;
const UNRATED_TO_PA = 4e6;
const FITTINGS_TO_PA = 2e6;

const hasAny = (ends: readonly End[], wanted: readonly End[]): boolean =>
  ends.some((end) => wanted.includes(end));

/** Push-fit has a rule of its own. */
const isForGas = (end: End): boolean => FOR_GAS.includes(end) || end === 'push-fit';

/**
 * Whether a valve’s joints may hold fuel gas.
 *
 * @param duty  polyethylene in the ground has fittings of its own
 * @param valve its ends, and whether joint and seal are listed
 * @returns nothing where they may
 *
 * @example
 * judgeGasJoint({ medium: 'natural-gas', ... }, { type: 'ball', ends: ['sweat', 'sweat'] }).verdict // 'out'
 */
export function judgeGasJoint(duty: Duty, { ends = [], listedJoint }: Candidate): Judgement | undefined {
  const wrong = isFuelGas(duty.medium) ? ends.filter((end) => !isForGas(end)) : [];
  if (wrong.length === 0) return undefined;
  const isUnderground = duty.place === 'buried' && duty.pipe?.material === 'hdpe';
  const never = wrong.find(
    (end) => !LISTED_FOR_GAS.includes(end) && !(isUnderground && LISTED_UNDERGROUND.includes(end)),
  );
  if (never === undefined && listedJoint) return undefined;
  if (never === undefined && listedJoint === undefined)
    return ask('listedJoint', 'Are joint and seal listed for fuel gas?');
  const end = never ?? wrong[0] ?? 'sweat';
  return ruledOut(
    end === 'sweat'
      ? 'Soft solder melts in a fire: gas needs threads, flares, flanges, brazing, welds or a listed joint.'
      : `${capitalized(withArticle(`${END_WORDS[end]} joint`))} is not for fuel gas.`,
  );
}

/**
 * Whether anything rates a valve’s joints for the service: a table, the body they belong to, or a listing.
 *
 * @example
 * judgeJointRating({ medium: 'steam-low', ... }, { type: 'ball', ends: ['press', 'press'] }).verdict // 'out'
 */
export function judgeJointRating(duty: Duty, valve: Candidate): Judgement | undefined {
  const { medium, pressurePa, temperatureC } = duty;
  const { ends = [], listedJoint } = valve;
  if (isSteam(medium) && !listedJoint) {
    if (hasAny(ends, NEVER_STEAM)) return ruledOut('Steam ends this joint: its rubber or plastic fails.');
    if (ends.includes('press'))
      return ruledOut('A press joint has no steam limit unless its seal is listed for this steam.');
    if (ends.includes('sweat') && temperatureC !== undefined && temperatureC > SOLDER_ON_STEAM_C)
      return ruledOut('Soft solder is not for steam this hot.', {
        value: temperatureC,
        limit: SOLDER_ON_STEAM_C,
        unit: 'C',
      });
  }
  const isHigh = pressurePa !== undefined && pressurePa > UNRATED_TO_PA;
  if (medium === 'wash-water-high-pressure' && isHigh) {
    const weak = ends.find((end) => !FOR_WASH.includes(end));
    if (weak)
      return ruledOut(
        `Only threads and welds carry a wash line at this pressure, not ${withArticle(END_WORDS[weak])}.`,
      );
  }
  const unrated = ends.find((end) => isUnratedJoint(end, duty, valve));
  if (unrated && isHigh)
    return ruledOut(`Nothing rates ${withArticle(`${END_WORDS[unrated]} joint`)} at this pressure.`);
  if (unrated)
    return care(
      `No table rates ${withArticle(`${END_WORDS[unrated]} joint`)} in this size: ask its maker for the rating.`,
    );
  return pressurePa !== undefined && pressurePa > FITTINGS_TO_PA && hasAny(ends, THREADED_ENDS)
    ? advice(
        'At this pressure class 150 malleable fittings are not enough: use forged fittings and heavy pipe.',
      )
    : undefined;
}
