export interface FlushCase {
  /** From the source to the outlet, m. */
  runs: readonly { diameterM: number; lengthM: number }[];
  /** In the largest bore, m/s. */
  velocityMs?: number | undefined;
  /** How many times the water is changed. */
  turnovers?: number | undefined;
  /** What the supply gives, m3/s. */
  supplyM3s?: number | undefined;
}

export interface Flush {
  volumeM3: number;
  flowM3s: number;
  seconds: number;
  waterM3: number;
  reached: boolean;
  velocityMs?: number;
}

/** 3 ft/s moves grit along the bottom of a pipe. */
const FLUSHING_MS = 0.91;
const TURNOVERS = 3;

/**
 * How long and with how much water a run is flushed.
 *
 * @param given runs from the source to the outlet, m; velocity wanted in the largest of them, m/s; changes of water; what the supply gives, m3/s
 * @returns `flowM3s` is the flow wanted; where the supply gives less, the time is the supply's, and `velocityMs` what it gives in the largest bore
 * Source: flushing at 3 ft/s or more, as AWWA C651 asks of new mains; three changes of water is usual practice.
 *
 * @example
 * flush({ runs: [{ diameterM: 0.1, lengthM: 100 }] }).seconds // 330
 */
export function flush({
  runs,
  velocityMs = FLUSHING_MS,
  turnovers = TURNOVERS,
  supplyM3s,
}: FlushCase): Flush {
  const areaM2 = (diameterM: number): number => (Math.PI * diameterM ** 2) / 4;
  const volumeM3 = runs.reduce((sum, { diameterM, lengthM }) => sum + areaM2(diameterM) * lengthM, 0);
  const largestM2 = areaM2(Math.max(...runs.map(({ diameterM }) => diameterM)));
  const flowM3s = velocityMs * largestM2;
  const reached = supplyM3s === undefined || supplyM3s >= flowM3s;
  const waterM3 = turnovers * volumeM3;
  return {
    volumeM3,
    flowM3s,
    seconds: waterM3 / (reached ? flowM3s : supplyM3s),
    waterM3,
    reached,
    ...(!reached && { velocityMs: supplyM3s / largestM2 }),
  };
}
