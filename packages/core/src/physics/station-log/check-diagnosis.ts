import { InvalidInput } from '../../ground/input/index.js';
import { medianOf } from '../pressure-test/index.js';
import { GAP_S, type StationPhase, type StationSample, stationPhases } from './station-phases.js';

export interface CheckDiagnosisCase {
  /** In the order they were read. */
  samples: readonly StationSample[];
  wellAreaM2: number;
  /** Left out: judged against the log's own first cycles. */
  pumpFlowM3s?: number | undefined;
}

export type CheckVerdict = 'holding' | 'passing' | 'stuck-open';

export interface CheckDiagnosis {
  starts: number;
  startsPerHour: number;
  /** Median over all cycles, without what runs back. */
  inflowM3s: number;
  backflowM3s: number;
  backflowVolumeM3PerStop: number;
  verdict: CheckVerdict;
  /** Three or four cycles say nothing yet. */
  tooFew?: true;
  /** First stop of the trouble, s. */
  sinceS?: number;
  /** Cycles that show it. */
  evidence: { timeS: number; text: string; share: number; backflowM3: number }[];
  extraStartsPerDay: number;
  extraRunS: number;
}

/** One rest of the pump, with the runs on both sides of it. */
interface Cycle {
  stopS: number;
  restS: number;
  runS: number;
  /** What the well rose by in the rest, m3. */
  roseM3: number;
  inflowM3s: number;
  backM3: number;
  /** Of what the pump had lifted before, the share that runs back. */
  share: number;
  kind: CheckVerdict;
}

const FEWEST = 3;
/** Cycles of one kind that make a verdict. */
const SETTLED = 5;
/** Of what the pump lifted, the share that may run back while a check holds. */
export const CHECK_HOLDS_TO = 0.03;
const PASSES_TO = 0.3;
/** Cycles at the start of a log that it is judged against where the pump’s flow is not known. */
const OWN_CYCLES = 5;
const DAY_S = 24 * 3600;
const HOUR_S = 3600;

/**
 * Whether the check of a pump station holds, from how the level of its well moves while the pump rests and runs.
 *
 * @param given level m and pump by time s, plan area of the well m2, pump flow m3/s where it is known
 * @returns what runs back, since when, and what it costs in starts and run time; `tooFew` with three or four cycles: not known yet
 * @throws InvalidInput where times do not rise, or there are fewer than three cycles
 * Source: the balance of the well; what runs back in a rest against what the pump had lifted before it: under 3 % holding, to 30 % passing.
 *
 * @example
 * checkDiagnosis({ samples, wellAreaM2: 3, pumpFlowM3s: 0.01 }).verdict // 'holding'
 */
export function checkDiagnosis({ samples, wellAreaM2, pumpFlowM3s }: CheckDiagnosisCase): CheckDiagnosis {
  const phases = stationPhases(samples);
  const triples = triplesOf(phases);
  if (triples.length < FEWEST)
    throw new InvalidInput(
      'samples',
      `samples hold ${triples.length} whole ${triples.length === 1 ? 'cycle' : 'cycles'} of a rest between two runs: give a log with at least ${FEWEST}.`,
    );
  const flowM3s = pumpFlowM3s ?? ownFlow(triples, wellAreaM2);
  const cycles = triples.map((triple) => cycleOf(triple, wellAreaM2, flowM3s));
  const { verdict, from } = settledVerdict(cycles);
  const starts = phases.filter(
    (phase, at) => phase.pumpOn && at > 0 && !phase.followsGap && phases[at - 1]?.pumpOn === false,
  ).length;
  const trouble = verdict === 'holding' ? [] : cycles.slice(from);
  const since = trouble[0]?.stopS;
  return {
    starts,
    startsPerHour: starts / (observedS(samples) / HOUR_S),
    inflowM3s: median(cycles, ({ inflowM3s }) => inflowM3s),
    backflowM3s: median(trouble, ({ backM3, restS }) => backM3 / restS),
    backflowVolumeM3PerStop: median(trouble, ({ backM3 }) => backM3),
    verdict,
    ...(cycles.length < SETTLED && { tooFew: true as const }),
    ...(since !== undefined && { sinceS: since }),
    evidence: trouble
      .filter(({ kind }) => kind === verdict)
      .slice(0, SETTLED)
      .map(evidenceOf),
    ...extras(trouble, flowM3s),
  };
}

type Triple = readonly [before: StationPhase, rest: StationPhase, after: StationPhase];

/** Rests that the log saw whole, each between the runs on both sides of it. */
function triplesOf(phases: readonly StationPhase[]): Triple[] {
  return phases.flatMap((rest, at): Triple[] => {
    const [before, after] = [phases[at - 1], phases[at + 1]];
    if (rest.pumpOn || !rest.isWhole || !before || !after) return [];
    if (before.slopeMS === undefined || rest.slopeMS === undefined || after.slopeMS === undefined) return [];
    return [[before, rest, after]];
  });
}

/** What the pump moves, by the log’s own first cycles, which are taken to be sound. */
function ownFlow(triples: readonly Triple[], areaM2: number): number {
  const flows = triples.slice(0, OWN_CYCLES).map(([before, rest, after]) => {
    const runMS = ((before.slopeMS ?? 0) + (after.slopeMS ?? 0)) / 2;
    return areaM2 * ((rest.slopeMS ?? 0) - runMS);
  });
  return medianOf(flows) ?? 0;
}

function cycleOf([before, rest, after]: Triple, areaM2: number, flowM3s: number): Cycle {
  const runMS = ((before.slopeMS ?? 0) + (after.slopeMS ?? 0)) / 2;
  const inflowM3s = flowM3s + areaM2 * runMS;
  const restS = rest.endedS - rest.beganS;
  const runS = before.endedS - before.beganS;
  const roseM3 = areaM2 * (rest.levelAtEndM - before.levelAtEndM);
  const backM3 = Math.max(0, roseM3 - inflowM3s * restS);
  const share = backM3 / (flowM3s * runS);
  const kind = share < CHECK_HOLDS_TO ? 'holding' : share <= PASSES_TO ? 'passing' : 'stuck-open';
  return { stopS: rest.firstS, restS, runS, roseM3, inflowM3s, backM3, share, kind };
}

/** The kind of the last five cycles of one kind, and where that stretch began; until five follow a change, the one before it stands. */
function settledVerdict(cycles: readonly Cycle[]): { verdict: CheckVerdict; from: number } {
  let settled: { verdict: CheckVerdict; from: number } = { verdict: 'holding', from: 0 };
  let stretchFrom = 0;
  cycles.forEach(({ kind }, at) => {
    if (kind !== cycles[stretchFrom]?.kind) stretchFrom = at;
    if (kind !== settled.verdict && at - stretchFrom + 1 >= SETTLED)
      settled = { verdict: kind, from: stretchFrom };
  });
  return settled;
}

/** Starts and run time a day that the running back costs. */
function extras(
  trouble: readonly Cycle[],
  flowM3s: number,
): Pick<CheckDiagnosis, 'extraStartsPerDay' | 'extraRunS'> {
  if (trouble.length === 0) return { extraStartsPerDay: 0, extraRunS: 0 };
  const cycleS = median(trouble, ({ restS, runS }) => restS + runS);
  const inflowM3s = median(trouble, (cycle) => cycle.inflowM3s);
  const roseM3 = median(trouble, (cycle) => cycle.roseM3);
  const startsPerDay = DAY_S / cycleS;
  // Between the same two levels a sound check lets the well fill by its inflow alone.
  const soundS =
    inflowM3s > 0 && flowM3s > inflowM3s ? roseM3 / inflowM3s + roseM3 / (flowM3s - inflowM3s) : Infinity;
  return {
    extraStartsPerDay: Math.max(0, startsPerDay - DAY_S / soundS),
    extraRunS: (startsPerDay * median(trouble, ({ backM3 }) => backM3)) / flowM3s,
  };
}

function evidenceOf({ stopS, share, backM3 }: Cycle): CheckDiagnosis['evidence'][number] {
  const liters = Number((backM3 * 1000).toPrecision(2));
  return {
    timeS: stopS,
    text: `After this stop ${liters} liters ran back, ${Math.round(share * 100)} % of what the pump had lifted.`,
    share,
    backflowM3: backM3,
  };
}

/** How long the log saw the station, without its gaps, s. */
function observedS(samples: readonly StationSample[]): number {
  let seenS = 0;
  for (let at = 1; at < samples.length; at += 1) {
    const apartS = (samples[at] as StationSample).timeS - (samples[at - 1] as StationSample).timeS;
    if (apartS <= GAP_S) seenS += apartS;
  }
  return seenS;
}

const median = (cycles: readonly Cycle[], of: (cycle: Cycle) => number): number =>
  medianOf(cycles.map(of)) ?? 0;
