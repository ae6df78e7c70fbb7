import { type CharacteristicName, relativeKv } from './characteristics.js';

const ROUNDS = 60;

/**
 * The opening at which a valve has a share of its open Kv: the characteristic read backwards.
 *
 * @param name  characteristic; they all rise from shut to open
 * @param share of the open Kv, 0 to 1
 * @returns 0 shut to 1 open: the largest opening whose relative Kv is at most the share
 *
 * @example
 * openingFor('ball', 0.215) // 0.55
 */
export function openingFor(name: CharacteristicName, share: number): number {
  if (share >= 1) return 1;
  let low = 0;
  let high = 1;
  for (let round = 0; round < ROUNDS; round += 1) {
    const middle = (low + high) / 2;
    if (relativeKv(name, middle) <= share) low = middle;
    else high = middle;
  }
  return low;
}
