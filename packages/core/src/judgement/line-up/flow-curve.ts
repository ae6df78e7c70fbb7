import type { Duty } from '../selection/index.js';
import { type ValveType, isCheck } from '../../ground/valves/index.js';
import { atHandle } from './at-handle.js';

export interface FlowPoint {
  /** 0 shut to 1 open. */
  opening: number;
  flowM3s: number;
}

const STEPS = 40;

/**
 * What a valve passes on its own line as the handle goes from shut to open.
 *
 * @param duty   pressure Pa gauge, flow m3/s, temperature
 * @param type   gives the characteristic
 * @param openKv Kv fully open, m3/h at 1 bar
 * @returns 41 points; undefined where `atHandle` cannot tell
 *
 * @example
 * flowCurve({ ...duty, pressurePa: 5e5, flowM3s: 5e-4 }, 'ball', 41)?.[0] // { opening: 0, flowM3s: 0 }
 */
export function flowCurve(duty: Duty, type: ValveType, openKv: number): FlowPoint[] | undefined {
  if (isCheck(type)) return undefined;
  const points: FlowPoint[] = [];
  for (let step = 0; step <= STEPS; step += 1) {
    const at = atHandle(duty, type, openKv, step / STEPS);
    if (!at) return undefined;
    points.push({ opening: step / STEPS, flowM3s: at.flowM3s });
  }
  return points;
}
