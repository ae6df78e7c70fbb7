import { ATMOSPHERE_PA, ZERO_C_K } from '../../ground/media/index.js';
import { InvalidInput } from '../../ground/input/index.js';
import { leastSquaresSlope } from './least-squares-slope.js';
import { checkRisingTimes } from './rising-times.js';
import { type HeldPipe, pipeGivePerPa, warmthPaPerK } from './water-column.js';

export interface HoldSample {
  timeS: number;
  /** Gauge. */
  pressurePa: number;
  temperatureC?: number | undefined;
}

export interface HoldTestCase {
  kind: 'air' | 'water';
  testPressurePa: number;
  holdS: number;
  /** In the order they were read. */
  samples: readonly HoldSample[];
  allowedDropPa?: number | undefined;
  gaugeResolutionPa?: number | undefined;
  volumeM3?: number | undefined;
  atmosphericPa?: number | undefined;
  /** Of water: without it nothing is taken out for warmth. */
  pipe?: HeldPipe | undefined;
}

export const NOT_PROVED_REASONS = [
  'under-pressure',
  'too-short',
  'too-few',
  'temperature-unknown',
  'rising',
] as const;
export type NotProvedReason = (typeof NOT_PROVED_REASONS)[number];

export interface HoldTest {
  verdict: 'holds' | 'leaks' | 'not-proved';
  reason?: NotProvedReason;
  allowancePa: number;
  startS?: number;
  endS?: number;
  firstPa?: number;
  lastPa?: number;
  slopePaS?: number;
  dropPa?: number;
  temperatureEffectPa?: number;
  leakM3s?: number;
}

/** Where no thermometer was read, so much warmth may have hidden a leak, K. */
const UNSEEN_WARMTH_K = 2;
const ORDINARY_C = 15;
/** Below this two pressures are the same. */
const SAME_PA = 1e-6;
const FEWEST = 3;

/**
 * Whether a line under pressure holds, with the warmth of the day taken out of what the gauge read.
 *
 * @param given test pressure Pa gauge, time to hold s, samples in time order; air by the gas law, water by the expansion of water and pipe
 * @returns `holds` only where the corrected pressure falls and rises no more than the allowance; `not-proved` with its reason otherwise than by a leak
 * @throws InvalidInput where times do not rise
 * Source: ideal gas; K, alpha and E of water and pipe as in the wave speed.
 *
 * @example
 * holdTest({ kind: 'air', testPressurePa: 345_000, holdS: 900, samples }).verdict // 'holds'
 */
export function holdTest(given: HoldTestCase): HoldTest {
  const { testPressurePa, holdS, samples, allowedDropPa = 0, gaugeResolutionPa = 0 } = given;
  checkRisingTimes(
    samples.map(({ timeS }) => timeS),
    (at) => `samples[${at}].timeS`,
  );
  const allowancePa = Math.max(allowedDropPa, 2 * gaugeResolutionPa);
  const notProved = (reason: NotProvedReason, more: Partial<HoldTest> = {}): HoldTest => ({
    verdict: 'not-proved',
    reason,
    allowancePa,
    ...more,
  });
  const from = samples.findIndex(({ pressurePa }) => pressurePa >= testPressurePa);
  const first = samples[from];
  if (!first) return notProved('under-pressure');
  const window = windowOf(samples, from, first.timeS + holdS);
  const warmth = warmthIn(given, window);
  const { corrected } = warmth;
  const last = window[window.length - 1] as HoldSample;
  const seen: Partial<HoldTest> = {
    startS: first.timeS,
    endS: last.timeS,
    firstPa: first.pressurePa,
    lastPa: last.pressurePa,
    temperatureEffectPa: warmth.isKnown
      ? last.pressurePa - first.pressurePa - ((corrected[corrected.length - 1] ?? 0) - (corrected[0] ?? 0))
      : 0,
  };
  const reach = samples[samples.length - 1] as HoldSample;
  const slopePaS =
    window.length < 2
      ? undefined
      : leastSquaresSlope(
          window.map(({ timeS }) => timeS),
          corrected,
        );
  const fitted = slopePaS === undefined ? {} : { slopePaS, dropPa: -slopePaS * holdS };
  if (reach.timeS < first.timeS + holdS) return notProved('too-short', { ...seen, ...fitted });
  if (window.length < FEWEST || slopePaS === undefined) return notProved('too-few', { ...seen, ...fitted });
  const dropPa = -slopePaS * holdS;
  const result = { allowancePa, ...seen, slopePaS, dropPa };
  if (!warmth.isKnown && Math.abs(dropPa) <= allowancePa + warmth.unseenPa)
    return notProved('temperature-unknown', result);
  if (Math.abs(dropPa) <= allowancePa + SAME_PA) return { verdict: 'holds', ...result };
  if (dropPa < 0) return notProved('rising', result);
  const leakM3s = leakOf(given, slopePaS);
  return { verdict: 'leaks', ...result, ...(leakM3s !== undefined && { leakM3s }) };
}

function windowOf(samples: readonly HoldSample[], from: number, untilS: number): HoldSample[] {
  let to = from;
  while (to < samples.length && (samples[to] as HoldSample).timeS <= untilS) to += 1;
  return samples.slice(from, to);
}

interface Warmth {
  /** Whether the day's warmth is taken out, or plays no part. */
  isKnown: boolean;
  /** Pressures taken to the first temperature, one a sample. */
  corrected: number[];
  /** What warmth that nobody read may have hidden, Pa. */
  unseenPa: number;
}

const raw = (window: readonly HoldSample[]): number[] => window.map(({ pressurePa }) => pressurePa);

function warmthIn(
  { kind, pipe, atmosphericPa = ATMOSPHERE_PA }: HoldTestCase,
  window: readonly HoldSample[],
): Warmth {
  const readC = temperaturesOf(window);
  const [firstC = 0] = readC ?? [];
  if (kind === 'air') {
    const firstPa = window[0]?.pressurePa ?? 0;
    return {
      isKnown: readC !== undefined,
      unseenPa: ((firstPa + atmosphericPa) * UNSEEN_WARMTH_K) / (ORDINARY_C + ZERO_C_K),
      corrected: raw(window).map((pressurePa, at) =>
        readC
          ? ((pressurePa + atmosphericPa) * (firstC + ZERO_C_K)) / ((readC[at] ?? 0) + ZERO_C_K) -
            atmosphericPa
          : pressurePa,
      ),
    };
  }
  if (!pipe) return { isKnown: true, corrected: raw(window), unseenPa: 0 };
  const unseenPa = Math.abs(warmthPaPerK(pipe, ORDINARY_C)) * UNSEEN_WARMTH_K;
  if (!readC) return { isKnown: false, corrected: raw(window), unseenPa };
  const paPerK = warmthPaPerK(pipe, readC.reduce((sum, one) => sum + one, 0) / readC.length);
  return {
    isKnown: true,
    unseenPa,
    corrected: raw(window).map((pressurePa, at) => pressurePa - paPerK * ((readC[at] ?? 0) - firstC)),
  };
}

/** One a sample; undefined where one was not read. */
function temperaturesOf(window: readonly HoldSample[]): number[] | undefined {
  const read: number[] = [];
  for (const { temperatureC } of window) {
    if (temperatureC === undefined) return undefined;
    read.push(temperatureC);
  }
  return read;
}

/** What leaves the line, m3/s: of air at atmospheric pressure. Not known where the volume, or for water the pipe, is not. */
function leakOf(
  { kind, volumeM3, pipe, atmosphericPa = ATMOSPHERE_PA }: HoldTestCase,
  slopePaS: number,
): number | undefined {
  if (volumeM3 === undefined) return undefined;
  if (kind === 'air') return (volumeM3 * -slopePaS) / atmosphericPa;
  return pipe && volumeM3 * -slopePaS * pipeGivePerPa(pipe);
}

/** The pressures of a reading with the warmth taken out, for a chart; those of the gauge where it cannot be.
 *
 * @param given as for `holdTest`
 * @returns one a sample, Pa gauge, taken to the temperature of the first sample
 *
 * @example
 * correctedPressures({ kind: 'water', samples: [{ timeS: 0, pressurePa: 5e5 }], ... }) // [5e5]
 */
export function correctedPressures(given: HoldTestCase): number[] {
  if (given.samples.length === 0) throw new InvalidInput('samples', 'There are no samples.');
  return warmthIn(given, given.samples).corrected;
}
