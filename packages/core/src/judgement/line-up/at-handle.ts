import { flowShare, kvDropPa, pipeVelocityMs, restOfLineKv } from '../../physics/loss/index.js';
import { isLiquid } from '../../ground/media/index.js';
import { type Duty, liquidDensityKgM3, pipeBoreM } from '../selection/index.js';
import { type ValveType, isCheck, relativeKv, valveTypeFacts } from '../../ground/valves/index.js';

export interface AtHandle {
  flowM3s: number;
  /** Lost in the valve. */
  dropPa: number;
  kv: number;
  /** In the pipe, where its bore is known. */
  velocityMs?: number;
}

/**
 * What a valve does with its handle part way, on its own line.
 * The rest of the line is taken as one fixed resistance: the one that passes the duty's flow at the duty's pressure with nothing in the way.
 *
 * @param duty    pressure Pa gauge, flow m3/s, temperature
 * @param type    gives the characteristic
 * @param openKv  Kv fully open, m3/h at 1 bar
 * @param opening of the handle, 0 shut to 1 open
 * @returns undefined for gas and steam, and where flow or pressure is not known; a check loses what it loses open
 * Source: resistances in series, 1/Kv^2 = 1/Kv_valve^2 + 1/Kv_rest^2, with the valve's inherent characteristic.
 *
 * @example
 * atHandle({ ...duty, pressurePa: 5e5, flowM3s: 5e-4 }, 'ball', 41, 0)?.dropPa // 500000: shut, it holds the whole pressure
 */
export function atHandle(duty: Duty, type: ValveType, openKv: number, opening: number): AtHandle | undefined {
  const { characteristic } = valveTypeFacts(type);
  const { flowM3s, pressurePa } = duty;
  // What moves by itself stands open while it flows.
  const opens = characteristic ?? (isCheck(type) ? 'globe-linear' : undefined);
  if (!opens || !flowM3s || !pressurePa || !isLiquid(duty.medium)) return undefined;
  const density = liquidDensityKgM3(duty);
  const kv = openKv * (isCheck(type) ? 1 : relativeKv(opens, opening));
  const passing = flowM3s * flowShare(kv, restOfLineKv(flowM3s, pressurePa, density));
  const boreM = pipeBoreM(duty);
  return {
    flowM3s: passing,
    dropPa: kv === 0 ? pressurePa : kvDropPa(passing, kv, density),
    kv,
    ...(boreM !== undefined && { velocityMs: pipeVelocityMs(passing, boreM) }),
  };
}
