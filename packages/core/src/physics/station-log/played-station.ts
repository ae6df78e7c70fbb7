import type { StationSample } from './station-phases.js';

/** What the check of a played station does. */
export const STATION_FAULTS = ['holds', 'passes', 'sticks-open'] as const;
export type StationFault = (typeof STATION_FAULTS)[number];

export interface PlayedStation {
  fault: StationFault;
  days: number;
  /** When the fault begins, s from the start. */
  fromS: number;
  wellAreaM2: number;
  pumpFlowM3s: number;
}

const EVERY_S = 10;
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
 * A practice lift station: level and pump every ten seconds, inflow over the day, noise, gaps of the radio, and a check that goes bad.
 *
 * @param played what the check does from when on, days, plan area of the well m2, pump flow m3/s
 * @returns samples in the order they were read, the same each time
 *
 * @example
 * playedStation({ fault: 'holds', days: 1, fromS: 0, wellAreaM2: 3, pumpFlowM3s: 0.01 }).length // about 8,640
 */
export function playedStation({
  fault,
  days,
  fromS,
  wellAreaM2,
  pumpFlowM3s,
}: PlayedStation): StationSample[] {
  const samples: StationSample[] = [];
  let levelM = 1;
  let pumpOn = false;
  let restS = 0;
  let state = 20_261_129;
  const noise = (): number => {
    state = (state * 16_807) % 2_147_483_647;
    return (state / 2_147_483_647 - 0.5) * 2 * NOISE_M;
  };
  for (let timeS = 0; timeS <= days * DAY_S; timeS += EVERY_S) {
    if (timeS % GAP_EVERY_S >= GAP_S || timeS < GAP_S)
      samples.push({ timeS, levelM: levelM + noise(), pumpOn });
    const inflowM3s = pumpFlowM3s * (0.3 + 0.15 * Math.sin((2 * Math.PI * timeS) / DAY_S - 2));
    const isBad = !pumpOn && timeS >= fromS;
    const passing = isBad && fault === 'passes' ? PASSING_SHARE * pumpFlowM3s : 0;
    const back =
      isBad && fault === 'sticks-open'
        ? ((RUNS_BACK_M * wellAreaM2) / RUNS_BACK_S) * Math.exp(-restS / RUNS_BACK_S)
        : 0;
    levelM += ((inflowM3s + passing + back - (pumpOn ? pumpFlowM3s : 0)) * EVERY_S) / wellAreaM2;
    restS += EVERY_S;
    if (pumpOn && levelM <= STOP_M) {
      pumpOn = false;
      restS = 0;
    } else if (!pumpOn && levelM >= START_M) pumpOn = true;
  }
  return samples;
}
