/** Relative Kv against opening of what moves in a valve: 0, 0.1 ... 1, linear between. Generic inherent characteristics. */
const TABULATED = {
  ball: [0, 0.003, 0.02, 0.05, 0.1, 0.17, 0.26, 0.38, 0.54, 0.78, 1],
  butterfly: [0, 0.01, 0.04, 0.09, 0.16, 0.26, 0.38, 0.53, 0.7, 0.87, 1],
  gate: [0, 0.18, 0.35, 0.5, 0.63, 0.74, 0.83, 0.9, 0.95, 0.98, 1],
  'plug-eccentric': [0, 0.03, 0.08, 0.15, 0.24, 0.35, 0.48, 0.62, 0.76, 0.89, 1],
  compression: [0, 0.28, 0.5, 0.66, 0.78, 0.86, 0.92, 0.96, 0.98, 0.99, 1],
} as const satisfies Record<string, readonly number[]>;

export type CharacteristicName =
  | keyof typeof TABULATED
  | 'globe-linear'
  | 'equal-percentage'
  | 'metering-cone';

export const CHARACTERISTICS = [
  'ball',
  'butterfly',
  'gate',
  'plug-eccentric',
  'compression',
  'globe-linear',
  'equal-percentage',
  'metering-cone',
] as const satisfies readonly CharacteristicName[];

/**
 * Kv of a part-open valve over its open Kv.
 *
 * @param name    characteristic
 * @param opening 0 shut to 1 open
 * @returns 0 to 1
 *
 * @example
 * relativeKv('ball', 0.55) // 0.215
 */
export function relativeKv(name: CharacteristicName, opening: number): number {
  if (name === 'globe-linear') return opening;
  if (name === 'equal-percentage') return opening === 0 ? 0 : 50 ** (opening - 1);
  if (name === 'metering-cone') return opening === 0 ? 0 : 30 ** (opening - 1);
  const table = TABULATED[name];
  const at = Math.min(Math.max(opening, 0), 1) * 10;
  const below = Math.min(Math.floor(at), 9);
  const from = table[below] ?? 0;
  const to = table[below + 1] ?? 1;
  return from + (at - below) * (to - from);
}
