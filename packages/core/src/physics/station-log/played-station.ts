import type { StationSample } from './station-phases.js';

/** What the check of a played station does. */
export const STATION_FAULTS = ['holds', 'passes', 'sticks-open'] as const;
export type StationFault = (typeof STATION_FAULTS)[number];

/** A practice station, and what its check does from a moment on. */
export interface PlayedStation {
  fault: StationFault;
  /** When the fault begins, s. */
  fromS: number;
  wellAreaM2: number;
  pumpFlowM3s: number;
  /** Between two samples. */
  everyS: number;
}

/** The well at a moment. */
export interface PlayedWell {
  timeS: number;
  levelM: number;
  pumpOn: boolean;
  /** Since the pump stopped. */
  restS: number;
}

const NOISE_M = 0.003;
const START_M = 1.4;
const STOP_M = 0.6;
const DAY_S = 86_400;
/** A radio that is silent for a while. */
const GAP_S = 600;
const GAP_EVERY_S = 1.7 * DAY_S;
/** Of a passing check, a share of the pump’s flow runs back all through the rest. */
const PASSING_SHARE = 0.06;
/** Of a check that sticks open, so much of the well runs back right after each stop. */
const RUNS_BACK_M = 0.45;
const RUNS_BACK_S = 60;

/**
 * A practice lift station: level and pump over time, inflow over the day, noise, gaps of the radio, and a check that goes bad.
 *
 * @param station what the check does from when on, plan area of the well m2, pump flow m3/s, s between samples
 * @param well where it begins, s and m
 * @param untilS end, s
 * @returns samples in the order they were read, the same each time; and the well at the end, from which it goes on
 *
 * @example
 * playStation({ fault: 'holds', fromS: 0, wellAreaM2: 3, pumpFlowM3s: 0.01, everyS: 10 }, wellAt(0), 60).samples.length // 0 while the radio is silent, else 7
 */
export function playStation(
  station: PlayedStation,
  well: PlayedWell,
  untilS: number,
): { samples: StationSample[]; well: PlayedWell } {
  const samples: StationSample[] = [];
  let now = well;
  while (now.timeS <= untilS) {
    const { timeS, levelM, pumpOn } = now;
    if (timeS % GAP_EVERY_S >= GAP_S) samples.push({ timeS, levelM: levelM + noiseAt(timeS), pumpOn });
    now = next(station, now);
  }
  return { samples, well: now };
}

/** A well at the middle of its levels, the pump at rest. @param timeS s */
export const wellAt = (timeS: number): PlayedWell => ({ timeS, levelM: 1, pumpOn: false, restS: 0 });

/** The well at the next sample. */
function next(
  { fault, fromS, wellAreaM2, pumpFlowM3s, everyS }: PlayedStation,
  well: PlayedWell,
): PlayedWell {
  const { pumpOn, restS } = well;
  const inflowM3s = pumpFlowM3s * (0.3 + 0.15 * Math.sin((2 * Math.PI * well.timeS) / DAY_S - 2));
  const isBad = !pumpOn && well.timeS >= fromS;
  const passing = isBad && fault === 'passes' ? PASSING_SHARE * pumpFlowM3s : 0;
  const back =
    isBad && fault === 'sticks-open'
      ? ((RUNS_BACK_M * wellAreaM2) / RUNS_BACK_S) * Math.exp(-restS / RUNS_BACK_S)
      : 0;
  const flowM3s = inflowM3s + passing + back - (pumpOn ? pumpFlowM3s : 0);
  const levelM = well.levelM + (flowM3s * everyS) / wellAreaM2;
  const stops = pumpOn && levelM <= STOP_M;
  return {
    timeS: well.timeS + everyS,
    levelM,
    pumpOn: pumpOn ? !stops : levelM >= START_M,
    restS: stops ? 0 : restS + everyS,
  };
}

/** A reading’s noise that a second always has, m. */
function noiseAt(timeS: number): number {
  const swirl = Math.sin(timeS * 12.9898) * 43_758.5453;
  return (swirl - Math.floor(swirl) - 0.5) * 2 * NOISE_M;
}
