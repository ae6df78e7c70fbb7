import { type Arrester, surge } from '../../physics/surge/index.js';
import type { Operator, ValveType } from '../../ground/valves/index.js';
import { closingLaw, closingPeakPa, closingTime, leastClosingS, lineOfRun } from '../selection/index.js';
import type { BenchValve } from './bench-valve.js';
import { type HammerCase, hammerInput } from './hammer-case.js';

/** What may be done about a hammer, and what it comes to. */
export type HammerFix =
  | { fix: 'as-it-is'; peakPa: number; closingS: number }
  | { fix: 'slower'; peakPa: number; closingS: number; operator?: Operator }
  | { fix: 'other-type'; peakPa: number; closingS: number; type: ValveType }
  | { fix: 'arrester'; peakPa: number; gasM3: number; prechargePa: number }
  | { fix: 'lower-velocity'; peakPa: number; flowM3s: number };

/** Slower by hand or gear, in the order one would rather have them. */
const SLOWER: readonly Operator[] = ['notch-lever', 'gear', 'electric'];
const OTHERS: readonly ValveType[] = ['globe', 'gate-resilient', 'gate-solid'];
const SOLVED_TO = 0.02;
const LARGEST_M3 = 10;
/** An arrester is charged a little under the standing pressure, absolute. */
const CHARGED_TO = 0.9;

/**
 * The usual ways out of a hammer, each followed on the same run and held against the same limit: a slower operator, another type shut in a hurry, an
 * arrester of the volume it takes, and the flow at which it would do as it is.
 *
 * @param of    the case, with its limit
 * @param valve what is there
 * @returns only what helps at all; `as-it-is` always, first
 *
 * @example
 * hammerFixes(of, benchValve(duty, 'ball')).map(({ fix }) => fix) // ['as-it-is', 'slower', 'other-type', 'other-type', 'arrester', 'lower-velocity']
 */
export function hammerFixes(of: HammerCase, valve: Pick<BenchValve, 'type'> & { dn: number }): HammerFix[] {
  const asItIs = peakOf(of);
  const fixes: HammerFix[] = [{ fix: 'as-it-is', peakPa: asItIs, closingS: of.closingS }];
  if (asItIs <= of.limitPa || of.limitPa <= of.pressurePa) return fixes;
  const slower = leastClosing(of);
  if (slower) {
    const operator = SLOWER.find((by) => isAsSlow(valve, by, slower.closingS));
    fixes.push({ fix: 'slower', ...slower, ...(operator && { operator }) });
  }
  for (const type of OTHERS) {
    const time = closingTime(valve, { type, operator: 'handwheel' });
    if (type === valve.type || !time || 'ask' in time) continue;
    const closingS = time.timeS;
    fixes.push({
      fix: 'other-type',
      type,
      closingS,
      peakPa: closingPeakPa(lineOfRun(of), closingLaw(type), closingS),
    });
  }
  const gas = leastArrester(of);
  if (gas) fixes.push({ fix: 'arrester', ...gas });
  fixes.push({ fix: 'lower-velocity', ...mostFlow(of) });
  return fixes;
}

/**
 * The shortest even closing that keeps under the case's limit.
 *
 * @returns undefined where the standing pressure alone is over
 *
 * @example
 * leastClosing(of)?.closingS // 1.1
 */
export function leastClosing(of: HammerCase): { closingS: number; peakPa: number } | undefined {
  const closingS = leastClosingS(lineOfRun(of), of.law, of.limitPa);
  return closingS === undefined ? undefined : { closingS, peakPa: peakOf({ ...of, closingS }) };
}

/** Whether an operator takes as long; an actuator is set to. */
function isAsSlow(valve: { type: ValveType; dn: number }, operator: Operator, closingS: number): boolean {
  const time = closingTime(valve, { type: valve.type, operator });
  return time !== undefined && ('ask' in time || time.timeS >= closingS);
}

function peakOf(of: HammerCase, arrester?: Arrester): number {
  return arrester
    ? surge({ ...hammerInput(of), series: false, envelope: false }, { arrester }).peakPa
    : closingPeakPa(lineOfRun(of), of.law, of.closingS);
}

function leastArrester(of: HammerCase): { gasM3: number; prechargePa: number; peakPa: number } | undefined {
  const { densityKgM3 = 1000 } = hammerInput(of);
  const prechargePa = CHARGED_TO * of.pressurePa;
  const at = (gasM3: number): number => peakOf(of, { gasM3, prechargePa, densityKgM3 });
  let enough = 1e-5;
  while (at(enough) > of.limitPa) {
    enough *= 2;
    if (enough > LARGEST_M3) return undefined;
  }
  let short = enough / 2;
  while (enough - short > SOLVED_TO * enough) {
    const middle = (enough + short) / 2;
    if (at(middle) <= of.limitPa) enough = middle;
    else short = middle;
  }
  return { gasM3: enough, prechargePa, peakPa: at(enough) };
}

/** The most flow at which the closing as it is keeps under the limit. */
function mostFlow(of: HammerCase): { flowM3s: number; peakPa: number } {
  let enough = 0;
  let over = of.flowM3s;
  while (over - enough > SOLVED_TO * over) {
    const middle = (enough + over) / 2;
    if (peakOf({ ...of, flowM3s: middle }) <= of.limitPa) enough = middle;
    else over = middle;
  }
  return { flowM3s: enough, peakPa: peakOf({ ...of, flowM3s: enough }) };
}
