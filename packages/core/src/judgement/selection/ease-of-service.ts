import { type ValveFamily, familyOf } from '../../ground/valves/index.js';
import type { Candidate } from '../duty/index.js';

/** A body that comes apart by its bonnet with the pipe in place, and one that does not. 0 to 100, our own estimate. */
const BY_FAMILY: Readonly<Record<ValveFamily, number>> = {
  globe: 85,
  stop: 75,
  gate: 75,
  diaphragm: 80,
  radiator: 75,
  plug: 60,
  'self-acting': 70,
  check: 60,
  butterfly: 40,
  ball: 40,
};
const BY_PIECES = [0, 15, 50, 100] as const;

/**
 * How easily a valve is opened and repaired where it sits.
 *
 * @param valve its type, and the pieces of its body where known
 * @returns 0 (cut out and thrown away) to 100 (the middle swings out)
 *
 * @example
 * easeOfService({ type: 'ball', pieces: 3 }) // 100
 */
export function easeOfService({ type, pieces }: Candidate): number {
  if (type === 'quarter-turn-stop') return BY_PIECES[1];
  const family = familyOf(type);
  return family === 'ball' && pieces !== undefined
    ? (BY_PIECES[pieces] ?? BY_FAMILY.ball)
    : BY_FAMILY[family];
}
