import { keepExtremes } from '../start-up/index.js';

/** Turns from where it stood, and the torque there. */
export interface TurnPoint {
  turn: number;
  torqueNm: number;
}

/**
 * A curve with no more points than asked, the highest and lowest among them.
 *
 * @example
 * thinnedCurve([{ turn: 0, torqueNm: 20 }, { turn: 1, torqueNm: 22 }], 400).length // 2
 */
export function thinnedCurve(curve: readonly TurnPoint[], most: number): TurnPoint[] {
  const torques = curve.map(({ torqueNm }) => torqueNm);
  return keepExtremes(torques, most).flatMap((at) => curve[at] ?? []);
}

/**
 * The highest torque of a curve, N m; undefined where it has no points.
 *
 * @example
 * highestTorqueNm([{ turn: 0, torqueNm: 20 }, { turn: 1, torqueNm: 22 }]) // 22
 */
export const highestTorqueNm = (curve: readonly TurnPoint[]): number | undefined =>
  curve.length === 0 ? undefined : Math.max(...curve.map(({ torqueNm }) => torqueNm));
