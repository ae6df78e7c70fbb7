import { leastSquaresSlope } from './least-squares-slope.js';
import { medianOf } from './median-of.js';
import { checkRisingTimes } from './rising-times.js';

export interface ReducerSample {
  timeS: number;
  outletPa: number;
  inletPa?: number | undefined;
  flowM3s: number;
}

export interface ReducerCheckCase {
  setPa: number;
  /** In the order they were read. */
  samples: readonly ReducerSample[];
}

export interface ReducerCheck {
  verdict: 'not-proved' | 'creeping' | 'hunting' | 'off-set' | 'holding';
  lockUpPa?: number;
  creepPaPerMin: number;
  fallOffPa?: number;
  swingPa?: number;
}

/** Below this nothing flows, m3/s. */
const STILL_M3S = 1e-6;
const REST_S = 60;
const DRAW_S = 20;
/** The seat comes to rest, or the flow settles, first. */
const REST_SETTLES_S = 10;
const DRAW_SETTLES_S = 5;
/** A draw is steady where each flow is this near its median. */
const STEADY = 0.1;
/** The fall-off is read at this share of the largest flow and above. */
const LARGE_FLOW = 0.8;
const CREEP_LIMIT = 0.01;
const SWING_LIMIT = 0.1;
const SET_LIMIT = 0.1;
const MINUTE_S = 60;

/**
 * Whether a pressure reducer holds what it is set to, at rest and with water drawn.
 *
 * @param given set pressure Pa gauge; samples in time order with the pressure behind it, Pa gauge, and the flow, m3/s
 * @returns pressure at rest, its rise in a minute, its fall with flow and its swing; what cannot be told is left out
 * @throws InvalidInput where times do not rise
 * Source: ASSE 1003 for the words; limits of 10 % and 1 % a minute are usual practice.
 *
 * @example
 * reducerCheck({ setPa: 345_000, samples }).verdict // 'holding'
 */
export function reducerCheck({ setPa, samples }: ReducerCheckCase): ReducerCheck {
  checkRisingTimes(
    samples.map(({ timeS }) => timeS),
    (at) => `samples[${at}].timeS`,
  );
  const runs = runsOf(samples);
  const rests = runs.filter((run) => !isDrawn(run[0]) && lengthS(run) >= REST_S);
  const draws = runs.filter((run) => isDrawn(run[0]) && lengthS(run) >= DRAW_S && isSteady(run));
  const lockUpPa = medianOf(rests.flatMap((run) => run.map(({ outletPa }) => outletPa)));
  const creepPaPerMin = Math.max(0, ...rests.map(creepOf));
  const fallOffPa = fallOffOf(samples, lockUpPa);
  const swings = draws.map(swingOf);
  const swingPa = swings.length > 0 ? Math.max(...swings) : undefined;
  return {
    verdict: verdictOf({ setPa, lockUpPa, creepPaPerMin, swingPa }),
    creepPaPerMin,
    ...(lockUpPa !== undefined && { lockUpPa }),
    ...(fallOffPa !== undefined && { fallOffPa }),
    ...(swingPa !== undefined && { swingPa }),
  };
}

type Run = [ReducerSample, ...ReducerSample[]];

const isDrawn = ({ flowM3s }: ReducerSample): boolean => flowM3s > STILL_M3S;
const lengthS = (run: Run): number => (run[run.length - 1] as ReducerSample).timeS - run[0].timeS;

/** Longest stretches at rest and with water drawn, one after the other. */
function runsOf(samples: readonly ReducerSample[]): Run[] {
  const runs: Run[] = [];
  for (const sample of samples) {
    const last = runs[runs.length - 1];
    if (last && isDrawn(last[0]) === isDrawn(sample)) last.push(sample);
    else runs.push([sample]);
  }
  return runs;
}

function isSteady(run: Run): boolean {
  const middle = medianOf(run.map(({ flowM3s }) => flowM3s)) as number;
  return run.every(({ flowM3s }) => Math.abs(flowM3s - middle) <= STEADY * middle);
}

const settled = (run: Run, afterS: number): ReducerSample[] =>
  run.filter(({ timeS }) => timeS - run[0].timeS >= afterS);

function creepOf(run: Run): number {
  const rest = settled(run, REST_SETTLES_S);
  if (rest.length < 2) return 0;
  return (
    MINUTE_S *
    leastSquaresSlope(
      rest.map(({ timeS }) => timeS),
      rest.map(({ outletPa }) => outletPa),
    )
  );
}

function swingOf(run: Run): number {
  const [least, most] = settled(run, DRAW_SETTLES_S).reduce(
    ([low, high], { outletPa }) => [Math.min(low, outletPa), Math.max(high, outletPa)],
    [Infinity, -Infinity],
  );
  return most < least ? 0 : most - least;
}

function fallOffOf(samples: readonly ReducerSample[], lockUpPa: number | undefined): number | undefined {
  const largest = samples.reduce((most, { flowM3s }) => Math.max(most, flowM3s), 0);
  if (lockUpPa === undefined || largest <= STILL_M3S) return undefined;
  const drawn = samples.filter(({ flowM3s }) => flowM3s >= LARGE_FLOW * largest);
  return lockUpPa - (medianOf(drawn.map(({ outletPa }) => outletPa)) as number);
}

function verdictOf({
  setPa,
  lockUpPa,
  creepPaPerMin,
  swingPa = 0,
}: Pick<ReducerCheck, 'creepPaPerMin'> & {
  setPa: number;
  lockUpPa: number | undefined;
  swingPa: number | undefined;
}): ReducerCheck['verdict'] {
  if (lockUpPa === undefined) return 'not-proved';
  if (creepPaPerMin > CREEP_LIMIT * setPa) return 'creeping';
  if (swingPa > SWING_LIMIT * setPa) return 'hunting';
  return Math.abs(lockUpPa - setPa) > SET_LIMIT * setPa ? 'off-set' : 'holding';
}
