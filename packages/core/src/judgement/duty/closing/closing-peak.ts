import {
  CLOSURE_LAWS,
  type ClosureLaw,
  effectiveOpening,
  reachesFor,
  surge,
} from '../../../physics/surge/index.js';
import type { ClosingLine } from './closing-line.js';

/** A closing that lasts many reflections needs few reaches: the water moves as one. They tell the same within a hundredth. */
const REACHES: readonly (readonly [toCriticals: number, reaches: number])[] = [
  [8, 50],
  [40, 20],
  [Infinity, 10],
];
const MOST_REACHES = 50;
/** Closings of one line that are simulated as they are; of a catalogue with more, those between two of the table are interpolated. */
const SIMULATED = 64;
/** Times of the table, as a ratio. */
const STEP = 1.03;
/** Nobody closes slower. */
const SLOWEST_S = 1e5;
/** The solved time is off by no more than this, and then lengthened by it, so that the simulation keeps under the limit at it. */
const SOLVED_TO = 0.004;
const MOST_TRIES = 40;
/** Where the rise hardly changes with the time, guesses step too short: after so many the middle is tried. */
const GUESSES = 6;
const LAST_TRIES = 5;
/** A closing that lasts so many reflections raises the pressure by next to nothing: its bound stands for it. */
const MOST_CRITICALS = 5000;
/** What a rigid column may be short of the simulated rise. */
const RIGID_MARGIN = 2;

const known = new WeakMap<ClosingLine, Map<ClosureLaw, Map<number, number>>>();

/**
 * Highest pressure at a valve that is closed in a time.
 *
 * @param line  as closingLine gives it
 * @param law   how its opening falls
 * @param timeS from open to closed, s
 * @returns Pa gauge: that of `surge` for the same closing; for a line of which very many are asked, within 1 % of it
 * Source: `surge`; what lies between two times of the table goes along a straight line of the logarithms.
 *
 * @example
 * closingPeakPa(line, 'ball', 0.3)
 */
export function closingPeakPa(line: ClosingLine, law: ClosureLaw, timeS: number): number {
  const peaks = peaksOf(line, law);
  const before = peaks.get(timeS);
  if (before !== undefined) return before;
  return peaks.size < SIMULATED || timeS <= 0
    ? simulatedPa(line, law, timeS)
    : interpolatedPa(line, law, timeS);
}

/**
 * What a closing cannot rise above, without a simulation: for the many that are slow enough.
 *
 * @returns Pa gauge; the sudden peak where the closing lasts no longer than a reflection
 * Source: Michaud, 2 rho L v / t over the steepest part of the law, with a margin for the rest.
 *
 * @example
 * mostPeakPa(line, 'gate', 60)
 */
export function mostPeakPa(line: ClosingLine, law: ClosureLaw, timeS: number): number {
  const effectiveS = timeS / STEEPEST[law];
  const risePa = line.suddenPa - line.staticPa;
  return effectiveS <= RIGID_MARGIN * line.criticalS
    ? line.suddenPa
    : line.staticPa + (RIGID_MARGIN * risePa * line.criticalS) / effectiveS;
}

/** How much faster than evenly the opening of a law falls where it falls fastest. */
const STEEPEST = Object.fromEntries(
  CLOSURE_LAWS.map((law) => {
    const at = (share: number): number => effectiveOpening({ law, timeS: 1, startS: 0 }, share);
    const falls = Array.from({ length: 10 }, (_, tenth) => 10 * (at(tenth / 10) - at((tenth + 1) / 10)));
    return [law, Math.max(...falls)];
  }),
) as Record<ClosureLaw, number>;

/**
 * Shortest closing whose peak keeps under a limit.
 *
 * @param line as closingLine gives it
 * @param law  how its opening falls
 * @param limitPa above the static pressure, Pa gauge
 * @returns s, to 1 %; 0 where even a sudden closing keeps under it; undefined where none does
 *
 * @example
 * leastClosingS(line, 'ball', 1e6)
 */
export function leastClosingS(line: ClosingLine, law: ClosureLaw, limitPa: number): number | undefined {
  let solved = solvedOf.get(line);
  if (!solved) solvedOf.set(line, (solved = new Map()));
  const key = `${law} ${limitPa}`;
  if (!solved.has(key)) solved.set(key, solvedClosingS(line, law, limitPa));
  return solved.get(key);
}

const solvedOf = new WeakMap<ClosingLine, Map<string, number | undefined>>();

function solvedClosingS(line: ClosingLine, law: ClosureLaw, limitPa: number): number | undefined {
  if (limitPa <= line.staticPa) return undefined;
  if (simulatedPa(line, law, 0) <= limitPa) return 0;
  const wanted = limitPa - line.staticPa;
  const riseAt = (timeS: number): number => Math.max(0, simulatedPa(line, law, timeS) - line.staticPa);
  // About where the rise of a rigid column is the wanted one.
  let timeS = Math.max(line.criticalS, (line.criticalS * (line.suddenPa - line.staticPa)) / wanted / 2);
  let [over, under] = [0, Infinity];
  for (
    let tries = 0;
    tries < MOST_TRIES && (under === Infinity || under - over > SOLVED_TO * under);
    tries += 1
  ) {
    const rise = riseAt(timeS);
    if (rise <= wanted) under = timeS;
    else over = timeS;
    if (over > SLOWEST_S) return undefined;
    timeS = tries < GUESSES ? nextTry(timeS, rise / wanted, over, under) : middle(over, under);
  }
  if (!Number.isFinite(under)) return undefined;
  // Held against the simulation with all its reaches, as whoever asks `surge` would.
  let leastS = under * (1 + SOLVED_TO);
  for (let tries = 0; tries < LAST_TRIES && surgedPa(line, law, leastS) > limitPa; tries += 1)
    leastS *= 1 + SOLVED_TO;
  return leastS;
}

/** The rise falls about as the time grows; where that leads out of the bracket, its middle. */
function nextTry(timeS: number, ratio: number, over: number, under: number): number {
  // A little past where it should be, so that the bracket closes from both sides.
  const guess = timeS * ratio * (ratio > 1 ? 1 + SOLVED_TO / 2 : 1 - SOLVED_TO / 2);
  if (guess > over && guess < under) return Math.min(guess, over === 0 ? guess : over * 4);
  return middle(over, under);
}

function middle(over: number, under: number): number {
  if (under === Infinity) return over * 2;
  return over === 0 ? under / 2 : Math.sqrt(over * under);
}

function peaksOf(line: ClosingLine, law: ClosureLaw): Map<number, number> {
  let ofLine = known.get(line);
  if (!ofLine) known.set(line, (ofLine = new Map()));
  let peaks = ofLine.get(law);
  if (!peaks) ofLine.set(law, (peaks = new Map()));
  return peaks;
}

function interpolatedPa(line: ClosingLine, law: ClosureLaw, timeS: number): number {
  const place = Math.log(timeS / line.criticalS) / Math.log(STEP);
  const below = Math.floor(place);
  const [low = 0, high = 0] = [below, below + 1].map((at) =>
    Math.max(0, simulatedPa(line, law, line.criticalS * STEP ** at) - line.staticPa),
  );
  const part = place - below;
  return line.staticPa + (low > 0 && high > 0 ? low ** (1 - part) * high ** part : low + part * (high - low));
}

function simulatedPa(line: ClosingLine, law: ClosureLaw, timeS: number): number {
  const peaks = peaksOf(line, law);
  let peakPa = peaks.get(timeS);
  if (peakPa === undefined) {
    const criticals = timeS / line.criticalS;
    peakPa = surgedPa(line, law, timeS, REACHES.find(([to]) => criticals <= to)?.[1]);
    peaks.set(timeS, peakPa);
  }
  return peakPa;
}

function surgedPa(line: ClosingLine, law: ClosureLaw, timeS: number, reaches = MOST_REACHES): number {
  if (timeS > MOST_CRITICALS * line.criticalS) return mostPeakPa(line, law, timeS);
  return surge({
    ...line.surge,
    closure: { law, timeS },
    durationS: timeS + 2 * line.criticalS,
    reaches: reachesFor(line.surge, reaches),
    series: false,
    envelope: false,
  }).peakPa;
}
