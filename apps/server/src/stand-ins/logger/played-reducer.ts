import type { DeviceSample, PlayedGauge } from '@grevik/contracts';
import type { ReducerGiven } from '@grevik/core';
import { noiseAt, stepped } from './played-sample.js';

const INLET_PA = 655_000;
const NOISE_PA = 1400;
/** Every so often somebody opens a tap, s. */
const CYCLE_S = 120;
/** At rest for the first part of it, s. */
const REST_S = 80;
const FLOW_M3S = 5e-4;
/** Shares of the setting. */
const FALL_OFF = 0.12;
const CREEP_EACH_S = 0.02 / 60;
const HUNTS = 0.12;
const OFF_SET = 0.18;
const HUNTING_S = 6;

/**
 * What a logger at a reducer would read at a second, while a tap is opened now and then.
 *
 * @param given what it is set to, Pa gauge
 * @param plays whether the reducer holds, creeps, hunts or is off its setting
 * @param timeS since it began
 *
 * @example
 * playedReducer({ setPa: 345_000 }, { leakPaPerMin: 0, coolsK: 0, faults: [] }, 100).flowM3s // 0.0005
 */
export function playedReducer(
  { setPa }: ReducerGiven,
  { reducer = 'holds' }: PlayedGauge,
  timeS: number,
): Omit<DeviceSample, 'at'> {
  const inCycle = timeS % CYCLE_S;
  const isDrawn = inCycle >= REST_S;
  const restPa =
    setPa *
    (1 +
      (reducer === 'off-set' ? OFF_SET : 0) +
      (reducer === 'creeps' && !isDrawn ? CREEP_EACH_S * inCycle : 0));
  const drawnPa =
    setPa *
    (1 -
      FALL_OFF +
      (reducer === 'off-set' ? OFF_SET : 0) +
      (reducer === 'hunts' ? HUNTS * Math.sin((2 * Math.PI * timeS) / HUNTING_S) : 0));
  return {
    pressurePa: stepped((isDrawn ? drawnPa : restPa) + (noiseAt(timeS) - 0.5) * NOISE_PA, 100),
    inletPa: stepped(INLET_PA + (noiseAt(timeS + 0.5) - 0.5) * NOISE_PA, 100),
    flowM3s: isDrawn ? FLOW_M3S : 0,
  };
}
