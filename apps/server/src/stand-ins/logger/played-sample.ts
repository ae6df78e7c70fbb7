import type { PlayedGauge } from '@grevik/contracts';
import { ATMOSPHERE_PA, type HoldGiven, type HoldSample, ZERO_C_K, warmthPaPerK } from '@grevik/core';

const START_C = 15;
const MINUTE_S = 60;
/** It begins a little over what is asked. */
const OVER = 1.01;
/** Steps of its gauge and thermometer. */
const GAUGE_PA = 70;
const THERMOMETER_C = 0.1;
/** Every third minute its radio is silent for half of it. */
const GAP_EVERY_S = 180;
const GAP_S = 30;
/** Share of the time to hold after which a weak battery is dead. */
const BATTERY = 0.5;

/** A number from 0 to 1 that a second always has: the same reading is played after a restart. */
export const noiseAt = (timeS: number): number => {
  const swirl = Math.sin(timeS * 12.9898) * 43758.5453;
  return swirl - Math.floor(swirl);
};

/**
 * What a logger on a line would send at a second.
 *
 * @param given what is held
 * @param plays leak Pa a minute, cooling K over the time held, faults
 * @param timeS since it began
 * @returns undefined where its radio is silent or its battery dead
 *
 * @example
 * playedSample({ kind: 'air', testPressurePa: 345_000, holdS: 900 }, { leakPaPerMin: 0, coolsK: 2, faults: [] }, 0)?.temperatureC // 15
 */
export function playedSample(
  given: HoldGiven,
  { leakPaPerMin, coolsK, faults }: PlayedGauge,
  timeS: number,
): HoldSample | undefined {
  const { testPressurePa, holdS } = given;
  if (faults.includes('battery') && timeS > BATTERY * holdS) return undefined;
  if (faults.includes('radio-gaps') && timeS % GAP_EVERY_S >= GAP_EVERY_S - GAP_S) return undefined;
  const temperatureC = START_C - (coolsK * timeS) / holdS;
  const heldPa = OVER * testPressurePa - (leakPaPerMin * timeS) / MINUTE_S;
  const pressurePa = warmed(given, heldPa, temperatureC, coolsK) + (noiseAt(timeS) - 0.5) * GAUGE_PA;
  return {
    timeS,
    pressurePa: stepped(Math.max(0, pressurePa), GAUGE_PA / 10),
    ...(!faults.includes('no-thermometer') && { temperatureC: stepped(temperatureC, THERMOMETER_C / 10) }),
  };
}

/** What the day's warmth makes of a pressure: air by the gas law, a full pipe by the expansion of water against its wall. */
function warmed({ kind, pipe }: HoldGiven, heldPa: number, temperatureC: number, coolsK: number): number {
  if (kind === 'air')
    return ((heldPa + ATMOSPHERE_PA) * (temperatureC + ZERO_C_K)) / (START_C + ZERO_C_K) - ATMOSPHERE_PA;
  return pipe ? heldPa + warmthPaPerK(pipe, START_C - coolsK / 2) * (temperatureC - START_C) : heldPa;
}

/** A value as a display with steps shows it. */
export const stepped = (value: number, step: number): number => Math.round(value / step) * step;
