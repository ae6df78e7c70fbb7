import { type ClosureLaw, fewestReaches, surge } from '../../../physics/surge/index.js';
import { pipeVelocityMs } from '../../../physics/loss/index.js';
import type { ClosingLine } from './closing-line.js';

/** Times between two that are simulated, as a ratio: what lies between is within a hundredth of the simulation. */
const STEP = 1.03;
/** A closing that lasts many reflections needs few reaches: the water moves as one. */
const REACHES: readonly (readonly [toCriticals: number, reaches: number])[] = [
  [8, 50],
  [Infinity, 20],
];
/** So slow that few reaches tell the same. */
const SLOW_CRITICALS = 200;
const FEW_REACHES = 8;
/** Nobody closes slower. */
const SLOWEST_S = 1e5;
/** What the least time is longer than the table says, so that the simulation keeps under the limit at it. */
const MARGIN = 1.004;

const tables = new WeakMap<ClosingLine, Map<ClosureLaw, Map<number, number>>>();

/** Closings of one line that are simulated as they are; a catalogue with more reads them from the table. */
const SIMULATED = 64;
const simulated = new WeakMap<ClosingLine, Map<string, number>>();

/**
 * Highest pressure at a valve that is closed in a time.
 *
 * @param line  as closingLine gives it
 * @param law   how its opening falls
 * @param timeS from open to closed, s
 * @returns Pa gauge: that of `surge` for the same closing; for a line of which very many are asked, within 1 % of it
 * Source: `surge`; the table is interpolated along straight lines of the logarithms.
 *
 * @example
 * closingPeakPa(line, 'ball', 0.3)
 */
export function closingPeakPa(line: ClosingLine, law: ClosureLaw, timeS: number): number {
  let known = simulated.get(line);
  if (!known) simulated.set(line, (known = new Map()));
  const key = `${law} ${timeS}`;
  let peakPa = known.get(key);
  if (peakPa !== undefined) return peakPa;
  if (known.size >= SIMULATED) return interpolatedPa(line, law, timeS);
  peakPa = peakOf(line, law, timeS, timeS > SLOW_CRITICALS * line.criticalS ? FEW_REACHES : undefined);
  known.set(key, peakPa);
  return peakPa;
}

function interpolatedPa(line: ClosingLine, law: ClosureLaw, timeS: number): number {
  if (timeS <= 0) return peakAt(line, law, -Infinity);
  const place = Math.log(timeS / line.criticalS) / Math.log(STEP);
  const below = Math.floor(place);
  const low = risePa(line, peakAt(line, law, below));
  const high = risePa(line, peakAt(line, law, below + 1));
  const part = place - below;
  const rise = low > 0 && high > 0 ? low ** (1 - part) * high ** part : low + part * (high - low);
  return line.staticPa + rise;
}

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
  if (limitPa <= line.staticPa) return undefined;
  const keeps = (place: number): boolean => peakAt(line, law, place) <= limitPa;
  if (keeps(-Infinity)) return 0;
  const slowest = Math.ceil(Math.log(SLOWEST_S / line.criticalS) / Math.log(STEP));
  let over = -1;
  while (keeps(over)) over *= 2;
  let under = Math.max(1, over + 1);
  while (!keeps(under)) {
    if (under >= slowest) return undefined;
    over = under;
    under = Math.min(slowest, under < 1 ? 1 : under * 2);
  }
  while (under - over > 1) {
    const middle = Math.floor((under + over) / 2);
    if (keeps(middle)) under = middle;
    else over = middle;
  }
  const [high, low] = [peakAt(line, law, over), peakAt(line, law, under)].map((peak) => risePa(line, peak));
  const wanted = limitPa - line.staticPa;
  const part =
    low !== undefined && high !== undefined && low > 0 && high > low
      ? Math.log(high / wanted) / Math.log(high / low)
      : 1;
  return MARGIN * line.criticalS * STEP ** (over + part);
}

const risePa = ({ staticPa }: ClosingLine, peakPa: number): number => Math.max(0, peakPa - staticPa);

const fewest = ({ surge: { initialFlowM3s, ...pipe } }: ClosingLine): number =>
  fewestReaches({ ...pipe, velocityMs: pipeVelocityMs(initialFlowM3s, pipe.diameterM) });

/** The simulated peak at a place of the table; a sudden closing at -Infinity. */
function peakAt(line: ClosingLine, law: ClosureLaw, place: number): number {
  let ofLine = tables.get(line);
  if (!ofLine) tables.set(line, (ofLine = new Map()));
  let table = ofLine.get(law);
  if (!table) ofLine.set(law, (table = new Map()));
  let peak = table.get(place);
  if (peak === undefined) {
    const criticals = STEP ** place;
    peak = peakOf(line, law, criticals * line.criticalS, REACHES.find(([to]) => criticals <= to)?.[1]);
    table.set(place, peak);
  }
  return peak;
}

/** The simulated peak; with as many reaches as `surge` takes by itself where none are given. */
function peakOf(line: ClosingLine, law: ClosureLaw, timeS: number, reaches?: number): number {
  return surge({
    ...line.surge,
    closure: { law, timeS },
    durationS: timeS + 2 * line.criticalS,
    ...(reaches !== undefined && { reaches: Math.max(fewest(line), reaches) }),
    series: false,
    envelope: false,
  }).peakPa;
}
