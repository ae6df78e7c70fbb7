import type { TurnFault } from '@grevik/contracts';
import { type TurnPoint, torqueLimitNm } from '@grevik/core';

export interface PlayedValve {
  dn: number;
  /** Turns such a valve has. */
  turns: number;
  fault: TurnFault;
  /** From 0 to 1: 1 reaches the torque at which one stops. */
  stiffness: number;
  /** The same number plays the same curve. */
  seed: number;
}

/** Turns between two points. */
const STEP = 0.2;
/** Of its torque limit, by a valve that turns freely. */
const FREE = 0.16;
const NOISE = 0.12;
const HALF_WAY = 0.55;
/** A gate that came off its stem turns without end: so many times its own turns are played. */
const ON_AND_ON = 1.4;

/**
 * Turns and torque of a valve that somebody closes with an exerciser.
 *
 * @example
 * playTurns({ dn: 200, turns: 26, fault: 'none', stiffness: 0, seed: 1 }).length // 131
 */
export function playTurns({ dn, turns, fault, stiffness, seed }: PlayedValve): TurnPoint[] {
  const limit = torqueLimitNm(dn);
  const base = limit * (FREE + stiffness * (1 - FREE));
  const noise = noiseFrom(seed);
  const until = { short: turns * HALF_WAY, 'gate-dropped': turns * ON_AND_ON }[fault as string] ?? turns;
  const count = Math.round(until / STEP) + 1;
  return Array.from({ length: count }, (_, at) => {
    const turn = at * STEP;
    const torqueNm = base * shape(fault, turn / turns, at) * (1 + NOISE * (noise() - 0.5));
    return {
      turn: Math.round((fault === 'wrong-way' ? -turn : turn) * 10) / 10,
      torqueNm: Math.round(torqueNm * 10) / 10,
    };
  });
}

/** Torque against that of a good valve, along the travel from 0 to 1. */
function shape(fault: TurnFault, along: number, at: number): number {
  if (fault === 'tight-patch') return 1 + 2.2 * Math.exp(-(((along - 0.42) / 0.05) ** 2));
  if (fault === 'scale') return at % 3 === 0 ? 2.6 : 1;
  if (fault === 'broken-stem') return along < HALF_WAY ? 1.4 : 0.1;
  if (fault === 'gate-dropped') return along < 0.2 ? 1 : 0.6;
  return 1;
}

/** Numbers from 0 to 1, the same for the same seed (mulberry32). */
function noiseFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
