import { InvalidInput } from '../../ground/input/index.js';

/** What is drawn from a seed: the same each time. */
export interface Draw {
  /** From 0 up to, and without, 1. */
  share(): number;
  /** Between two figures. */
  between(low: number, high: number): number;
  /** A whole number from `low` to `high`, both included. */
  whole(low: number, high: number): number;
  of<T>(list: readonly T[]): T;
  /** So many of a list, each once, in the order drawn. */
  some<T>(list: readonly T[], count: number): T[];
}

/**
 * Draws from a seed.
 *
 * @param seed any text; the same text draws the same
 * Source: FNV-1a for the text, mulberry32 for what follows from it; both in the public domain.
 *
 * @example
 * drawFrom('a').whole(1, 6) === drawFrom('a').whole(1, 6) // true
 */
export function drawFrom(seed: string): Draw {
  let state = FNV_START;
  for (let at = 0; at < seed.length; at += 1) state = Math.imul(state ^ seed.charCodeAt(at), FNV_PRIME);
  const share = (): number => {
    state = (state + MULBERRY_STEP) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
  const whole = (low: number, high: number): number => low + Math.floor(share() * (high - low + 1));
  const some = <T>(list: readonly T[], count: number): T[] => {
    const left = [...list];
    return Array.from({ length: Math.min(count, left.length) }, () =>
      left.splice(whole(0, left.length - 1), 1),
    ).flat();
  };
  return {
    share,
    whole,
    some,
    between: (low, high) => low + share() * (high - low),
    of: <T>(list: readonly T[]): T => list[whole(0, list.length - 1)] as T,
  };
}

/**
 * Draws each field from what it may be.
 *
 * @param fields lists by field
 *
 * @example
 * drawEach(drawFrom('a'), { dn: [20] }) // { dn: 20 }
 */
export const drawEach = <T extends object>(
  draw: Draw,
  fields: { readonly [F in keyof T]?: readonly NonNullable<T[F]>[] },
): T =>
  Object.fromEntries(
    Object.entries<readonly unknown[] | undefined>(fields).map(([field, may]) => [field, draw.of(may ?? [])]),
  ) as T;

const FNV_START = 0x811c9dc5;
const FNV_PRIME = 0x01000193;
const MULBERRY_STEP = 0x6d2b79f5;
const MOST_TRIES = 500;

/**
 * Makes until something comes of it.
 *
 * @param make undefined where what was drawn makes no question
 * @throws InvalidInput after 500 times
 *
 * @example
 * untilMade(() => draw.of([1, undefined])) // 1
 */
export function untilMade<T>(make: () => T | undefined): T {
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const made = make();
    if (made !== undefined) return made;
  }
  throw new InvalidInput('seed', 'No question came of this seed: give another one.');
}
