import { checkRisingTimes, medianOf } from '../pressure-test/index.js';
import { medianSlope } from './median-slope.js';

/** A moment of a pump station’s log. */
export interface StationSample {
  timeS: number;
  levelM: number;
  pumpOn: boolean;
}

/** A stretch in which the pump rests, or runs. */
export interface StationPhase {
  pumpOn: boolean;
  /** Time of its first sample. */
  firstS: number;
  /** When it began and ended: where the lines on both sides of the switch meet. */
  beganS: number;
  endedS: number;
  /** Whether the log saw it begin and end. */
  isWhole: boolean;
  /** Of the level, m/s, in all of it but its first interval; undefined where it is too short. */
  slopeMS: number | undefined;
  /** Level at its end, by the line through it, m. */
  levelAtEndM: number;
  /** A gap lies between it and the one before. */
  followsGap: boolean;
}

/** Samples further apart are a gap, s. */
export const GAP_S = 90;
/** Of a long rest the line is drawn through its last part: right after a stop a main may still run back. */
const LATE = 0.5;
/** Samples of a rest by which the moment of the stop is found. */
const EARLY = 4;

/** A line through levels. */
interface Line {
  slopeMS: number;
  atS: number;
  levelM: number;
}

/** A phase as it is read: its samples, and the lines at its beginning and at its end. */
interface ReadPhase {
  from: number;
  to: number;
  pumpOn: boolean;
  early: Line | undefined;
  late: Line | undefined;
}

/**
 * The rests and runs of a log, one after the other.
 *
 * @param samples in the order they were read
 * @throws InvalidInput where times do not rise
 *
 * @example
 * stationPhases([{ timeS: 0, levelM: 1, pumpOn: false }, { timeS: 10, levelM: 0.9, pumpOn: true }]).length // 2
 */
export function stationPhases(samples: readonly StationSample[]): StationPhase[] {
  checkRisingTimes(
    samples.map(({ timeS }) => timeS),
    (at) => `samples[${at}].timeS`,
  );
  const read: ReadPhase[] = [];
  let from = 0;
  for (let at = 1; at <= samples.length; at += 1) {
    const [before, here] = [samples[at - 1], samples[at]];
    if (!before) break;
    if (here && here.pumpOn === before.pumpOn && here.timeS - before.timeS <= GAP_S) continue;
    read.push(readPhase(samples, from, at));
    from = at;
  }
  return read.map((phase, at) => {
    const begins = switchBetween(samples, read[at - 1], phase);
    const ends = switchBetween(samples, phase, read[at + 1]);
    const [first, last] = [samples[phase.from] as StationSample, samples[phase.to - 1] as StationSample];
    const endedS = ends ?? last.timeS;
    return {
      pumpOn: phase.pumpOn,
      firstS: first.timeS,
      beganS: begins ?? first.timeS,
      endedS,
      isWhole: begins !== undefined && ends !== undefined,
      slopeMS: phase.late?.slopeMS,
      levelAtEndM: phase.late ? levelOn(phase.late, endedS) : last.levelM,
      followsGap: at > 0 && begins === undefined,
    };
  });
}

function readPhase(samples: readonly StationSample[], from: number, to: number): ReadPhase {
  const { pumpOn } = samples[from] as StationSample;
  // The first interval after a switch says nothing yet.
  const start = Math.min(from === 0 ? from : from + 1, to);
  const late = lineThrough(samples, pumpOn ? start : start + Math.floor((to - start) * LATE), to);
  // A short run has no samples to spare.
  const whole = late ?? lineThrough(samples, start, to) ?? lineThrough(samples, from, to);
  const early = pumpOn ? whole : (lineThrough(samples, from, Math.min(to, from + EARLY)) ?? whole);
  return { from, to, pumpOn, early, late: whole };
}

function lineThrough(samples: readonly StationSample[], from: number, to: number): Line | undefined {
  const times = new Float64Array(Math.max(0, to - from));
  const levels = new Float64Array(times.length);
  for (let at = from; at < to; at += 1) {
    times[at - from] = (samples[at] as StationSample).timeS;
    levels[at - from] = (samples[at] as StationSample).levelM;
  }
  const slopeMS = medianSlope(times, levels);
  if (slopeMS === undefined) return undefined;
  const atS = times[0] as number;
  const levelM = medianOf(levels.map((level, at) => level - slopeMS * ((times[at] as number) - atS)));
  return { slopeMS, atS, levelM: levelM ?? 0 };
}

const levelOn = ({ slopeMS, atS, levelM }: Line, timeS: number): number => levelM + slopeMS * (timeS - atS);

/** When the pump switched between two phases: where their lines meet, between the samples on both sides. Undefined where nobody saw it. */
function switchBetween(
  samples: readonly StationSample[],
  before: ReadPhase | undefined,
  after: ReadPhase | undefined,
): number | undefined {
  if (!before || !after || before.pumpOn === after.pumpOn) return undefined;
  const [lastS, firstS] = [
    (samples[before.to - 1] as StationSample).timeS,
    (samples[after.from] as StationSample).timeS,
  ];
  if (firstS - lastS > GAP_S) return undefined;
  const [one, other] = [before.late, after.early];
  if (!one || !other || one.slopeMS === other.slopeMS) return (lastS + firstS) / 2;
  const meetS = lastS + (levelOn(other, lastS) - levelOn(one, lastS)) / (one.slopeMS - other.slopeMS);
  return Math.min(firstS, Math.max(lastS, meetS));
}
