import { type TurnPoint, highestTorqueNm } from './turn-curve.js';

export const TURN_MEANINGS = [
  'too-few',
  'even',
  'tight-patch',
  'grating',
  'short',
  'spinning',
  'over-limit',
  'wrong-way',
] as const;
export type TurnMeaning = (typeof TURN_MEANINGS)[number];

export interface TurnsJudged {
  meaning: TurnMeaning;
  /** Where it is tight, or where it stopped, turns. */
  atTurn?: number;
  turns: number;
  highestNm: number;
  /** A sentence for whoever stands there. */
  text: string;
}

export interface TurnsCase {
  curve: readonly TurnPoint[];
  /** Turns such a valve has. */
  usualTurns: number;
  /** Torque at which one stops, N m. */
  limitNm: number;
  /** Whether it came to its stop. */
  isEnded: boolean;
}

/** Points under which nothing is said. */
const FEWEST = 8;
/** A patch is so many times the middle torque. */
const TIGHT = 1.7;
/** Share of points that jump, from which it grates. */
const GRATES = 0.3;
const JUMP = 0.45;
const SHORT = 0.85;
const LONG = 1.2;
/** Torque falls away: so small a share of the middle. */
const LOOSE = 0.3;

/**
 * What a curve of torque over turns means.
 *
 * @param given the curve so far, the turns such a valve has, and the torque at which one stops
 * Source: practice of valve exercising (AWWA M44): fewer turns than its size has is not shut or not open.
 *
 * @example
 * judgeTurns({ curve: [], usualTurns: 26, limitNm: 110, isEnded: false }).meaning // 'too-few'
 */
export function judgeTurns({ curve, usualTurns, limitNm, isEnded }: TurnsCase): TurnsJudged {
  const last = curve[curve.length - 1];
  const turns = Math.round((last?.turn ?? 0) * 10) / 10;
  const torques = curve.map(({ torqueNm }) => torqueNm);
  const highestNm = highestTorqueNm(curve) ?? 0;
  const middle = [...torques].sort((a, b) => a - b)[Math.floor(torques.length / 2)] ?? 0;
  const say = (meaning: TurnMeaning, text: string, atTurn?: number): TurnsJudged => ({
    meaning,
    turns,
    highestNm,
    text,
    ...(atTurn !== undefined && { atTurn: Math.round(atTurn) }),
  });
  if (highestNm >= limitNm) {
    const over = curve.find(({ torqueNm }) => torqueNm >= limitNm);
    return say('over-limit', 'Stop: the torque limit is reached. Back off, never force it.', over?.turn);
  }
  if (last && last.turn < -1) return say('wrong-way', 'It turns the other way. See which way it closes.');
  if (curve.length < FEWEST) return say('too-few', 'Start gently: a few turns and back.');
  if (turns > usualTurns * LONG)
    return say(
      'spinning',
      'It turns on without end: the stem or the gate has come off. Do not count it as shut.',
    );
  const tail = torques.slice(-FEWEST);
  if (turns > 2 && middle > 0 && tail.every((torque) => torque < middle * LOOSE))
    return say('spinning', 'The torque fell away: the stem may be broken. Do not count it as shut.', turns);
  if (isEnded && turns < usualTurns * SHORT)
    return say(
      'short',
      `It stopped at ${turns} of ${Math.round(usualTurns)} turns: it is not fully shut or not fully open.`,
      turns,
    );
  const jumps = torques.filter(
    (torque, at) => Math.abs(torque - (torques[at - 1] ?? torque)) > middle * JUMP,
  );
  if (jumps.length > torques.length * GRATES)
    return say(
      'grating',
      'It grates all the way: scale or grit in the guides. A few turns and back, flush, then further.',
    );
  const tight = tightest(curve, middle);
  if (tight !== undefined)
    return say(
      'tight-patch',
      `Tight patch at ${Math.round(tight)} turns, most likely scale${turns > tight + 2 ? '; it passed. Go on gently.' : '. Go back two turns and try again gently.'}`,
      tight,
    );
  return say('even', isEnded ? 'Even all the way.' : 'Even so far.');
}

/** The middle of the tight patch, smoothed so that one point alone is none. */
function tightest(curve: readonly TurnPoint[], middle: number): number | undefined {
  let [best, most] = [undefined as number | undefined, middle * TIGHT];
  for (let at = 1; at < curve.length - 1; at += 1) {
    const around = curve.slice(at - 1, at + 2);
    const mean = around.reduce((sum, { torqueNm }) => sum + torqueNm, 0) / around.length;
    if (mean > most) [best, most] = [curve[at]?.turn, mean];
  }
  return best;
}

/**
 * Torque at which one stops turning a valve by hand or with an exerciser, N m. The maker's figure goes before it.
 *
 * @param dn nominal size
 * Source: practice; AWWA C500 and C509 test nuts and stems at far more.
 *
 * @example
 * torqueLimitNm(200) // 108
 */
export const torqueLimitNm = (dn: number): number => Math.round(Math.min(270, 27 + dn * 0.405));
