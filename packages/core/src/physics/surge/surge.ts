import { InvalidInput } from '../../ground/input/index.js';
import { ATMOSPHERE_PA, GRAVITY_MS2 } from '../../ground/media/index.js';
import { type Closure, type ClosureLaw, effectiveOpening } from './closure.js';
import { fewestReaches } from './fewest-reaches.js';
import { waveSpeedMs as waveSpeedOf } from './wave-speed.js';
import { type Closing, type Transient, type TransientOptions, type TransientPipe } from './transient.js';
import { withinWork } from './within-work.js';

export interface SurgeInput {
  lengthM: number;
  diameterM: number;
  frictionFactor: number;
  waveSpeedMs?: number | undefined;
  pipeWall?: { elasticModulusPa: number; wallM: number; restraint?: number | undefined } | undefined;
  bulkModulusPa?: number | undefined;
  densityKgM3?: number | undefined;
  sourceHeadM: number;
  initialFlowM3s: number;
  closure: {
    law: ClosureLaw;
    timeS?: number | undefined;
    startS?: number | undefined;
    /** In place of timeS: the highest pressure that may be, Pa gauge. */
    peakLimitPa?: number | undefined;
  };
  durationS: number;
  reaches?: number | undefined;
  vapourPressureAbsPa?: number | undefined;
  series?: boolean | undefined;
  envelope?: boolean | undefined;
}

export interface Surge {
  waveSpeedMs: number;
  criticalTimeS: number;
  joukowskyPa: number;
  steadyPa: number;
  peakPa: number;
  troughPa: number;
  risePa: number;
  rapid: boolean;
  cavitates: boolean;
  /** Solved for, where a limit was given. */
  timeS?: number;
  series?: { timeS: number; pressurePa: number; flowM3s: number }[];
  envelope?: { distanceM: number; maxPa: number; minPa: number }[];
}

/** What only the bench asks for beside the contract. */
export interface SurgeOptions extends TransientOptions {
  /** Effective opening at an opening of the handle, in place of the law's. */
  effective?: (opening: number) => number;
  /** The whole closing, in place of law and time, which then only tell how long it took. */
  closing?: Closing;
}

const WATER_KG_M3 = 998.2;
const VAPOUR_PA = 2339;
const REACHES = 50;
const SOLVED_TO = 0.01;
/** Points of a series that an answer holds. */
const MOST_POINTS = 1e6;
/** Slower than this many criticals nobody closes. */
const SLOWEST_CRITICALS = 1e5;

/**
 * Water hammer from closing a valve at the end of a pipe, and the shortest closing time that stays under a limit.
 *
 * @param given pipe m, wave speed m/s or its wall, source head m, flow m3/s, closure with its time s or a limit Pa gauge, how long it is followed s
 * @returns pressures at the valve Pa gauge, extremes along the pipe, the closing time where it was asked for
 * @throws InvalidInput where wave speed and wall contradict each other, a closing has no time, or the limit cannot be kept
 * Source: method of characteristics, see transient; a = sqrt(K/rho) / sqrt(1 + (K/E)(D/e) c).
 *
 * @example
 * surge({ lengthM: 100, diameterM: 0.1, frictionFactor: 0, waveSpeedMs: 1000, sourceHeadM: 50, initialFlowM3s: 0.007854, closure: { law: 'instant' }, durationS: 1 }).risePa // 998200, rho a v
 */
export function surge(given: SurgeInput, { effective, closing, ...options }: SurgeOptions = {}): Surge {
  const { lengthM, diameterM, sourceHeadM, initialFlowM3s, frictionFactor, closure, durationS } = given;
  const densityKgM3 = given.densityKgM3 ?? WATER_KG_M3;
  const waveSpeedMs = speedOf(given, densityKgM3);
  const weight = densityKgM3 * GRAVITY_MS2;
  const velocityMs = initialFlowM3s / ((Math.PI / 4) * diameterM ** 2);
  const fewest = fewestReaches({ lengthM, diameterM, frictionFactor, waveSpeedMs, velocityMs });
  if (given.reaches !== undefined && given.reaches < fewest)
    throw new InvalidInput(
      'reaches',
      `reaches is ${given.reaches}: friction over so long a reach cannot be followed at this flow. Give at least ${fewest}.`,
    );
  const pipe: TransientPipe = {
    lengthM,
    diameterM,
    frictionFactor,
    waveSpeedMs,
    sourceHeadM,
    initialFlowM3s,
    reaches: given.reaches ?? Math.max(REACHES, fewest),
    vapourHeadM: ((given.vapourPressureAbsPa ?? VAPOUR_PA) - ATMOSPHERE_PA) / weight,
  };
  const steadyM = sourceHeadM - (frictionFactor * lengthM * velocityMs ** 2) / (2 * GRAVITY_MS2 * diameterM);
  if (steadyM < 0)
    throw new InvalidInput(
      'sourceHeadM',
      `sourceHeadM is ${sourceHeadM}: friction alone takes more at this flow. Give a higher head or a smaller flow.`,
    );
  const criticalTimeS = (2 * lengthM) / waveSpeedMs;
  const follow = withinWork(pipe, options);
  const startS = closure.startS ?? 0;
  const timeS =
    closure.peakLimitPa === undefined
      ? timeOf(closure)
      : shortestTimeS(
          follow,
          (timeS) => closingOf({ law: closure.law, timeS, startS }, effective),
          closure.law,
          { limitM: closure.peakLimitPa / weight, standingM: sourceHeadM, criticalTimeS, startS },
        );
  const shut: Closure = { law: closure.law, timeS, startS };
  const waves = follow(closing ?? closingOf(shut, effective), durationS);
  const { peakM, troughM } = extremes(waves);
  const steadyPa = steadyM * weight;
  return {
    waveSpeedMs,
    criticalTimeS,
    joukowskyPa: densityKgM3 * waveSpeedMs * velocityMs,
    steadyPa,
    peakPa: peakM * weight,
    troughPa: troughM * weight,
    risePa: peakM * weight - steadyPa,
    rapid: timeS <= criticalTimeS,
    cavitates: waves.cavitates,
    ...(closure.peakLimitPa !== undefined && { timeS }),
    ...(given.series !== false && { series: seriesOf(waves, weight) }),
    ...(given.envelope !== false && { envelope: envelopeOf(waves, pipe, weight) }),
  };
}

function speedOf(
  { waveSpeedMs, pipeWall, bulkModulusPa, diameterM }: SurgeInput,
  densityKgM3: number,
): number {
  if (waveSpeedMs !== undefined && pipeWall)
    throw new InvalidInput('pipeWall', 'waveSpeedMs and pipeWall are both given: give only one of them.');
  if (waveSpeedMs !== undefined) {
    if (bulkModulusPa !== undefined)
      throw new InvalidInput(
        'bulkModulusPa',
        'bulkModulusPa belongs to pipeWall: leave it out beside waveSpeedMs.',
      );
    return waveSpeedMs;
  }
  if (!pipeWall) throw new InvalidInput('waveSpeedMs', 'waveSpeedMs is missing: give it, or pipeWall.');
  const speedMs = waveSpeedOf({ ...pipeWall, diameterM }, densityKgM3, bulkModulusPa);
  if (!(speedMs > 0 && speedMs < Infinity))
    throw new InvalidInput(
      'pipeWall',
      `pipeWall gives a wave speed of ${speedMs} m/s: check modulus, wall and bulk modulus, and their units.`,
    );
  return speedMs;
}

/** The closing of a law; of an even handle, where the effective opening is told apart. */
function closingOf(closure: Closure, effective?: (opening: number) => number): Closing {
  if (!effective) return (at) => effectiveOpening(closure, at);
  const even: Closure = { ...closure, law: 'linear' };
  return (at) => effective(effectiveOpening(even, at));
}

function timeOf({ law, timeS }: SurgeInput['closure']): number {
  if (timeS === undefined && law !== 'instant')
    throw new InvalidInput(
      'closure.timeS',
      'closure.timeS is missing: give how long the closing takes, in s.',
    );
  return law === 'instant' ? 0 : (timeS ?? 0);
}

/** The shortest closing time, to a hundredth of itself, whose peak keeps under a head; 0 where even a sudden one does. */
function shortestTimeS(
  follow: (closing: Closing, lastS: number) => Transient,
  closingIn: (timeS: number) => Closing,
  law: ClosureLaw,
  {
    limitM,
    standingM,
    criticalTimeS,
    startS,
  }: Record<'limitM' | 'standingM' | 'criticalTimeS' | 'startS', number>,
): number {
  if (law === 'instant')
    throw new InvalidInput(
      'closure.law',
      'closure.law is instant, which has no time: give a law that takes time.',
    );
  if (limitM <= standingM)
    throw new InvalidInput(
      'closure.peakLimitPa',
      'closure.peakLimitPa is at or under the static pressure: give a higher one.',
    );
  const keeps = (timeS: number): boolean => {
    const lastS = startS + timeS + 2 * criticalTimeS;
    return extremes(follow(closingIn(timeS), lastS)).peakM <= limitM;
  };
  if (keeps(0)) return 0;
  let under = criticalTimeS;
  while (!keeps(under)) {
    under *= 2;
    if (under > SLOWEST_CRITICALS * criticalTimeS)
      throw new InvalidInput(
        'closure.peakLimitPa',
        'No closing time stays under closure.peakLimitPa: give a higher one.',
      );
  }
  let over = under === criticalTimeS ? 0 : under / 2;
  while (under - over > SOLVED_TO * under) {
    const middle = (under + over) / 2;
    if (keeps(middle)) under = middle;
    else over = middle;
  }
  return under;
}

function extremes({ valveHeadM }: Transient): { peakM: number; troughM: number } {
  let peakM = -Infinity;
  let troughM = Infinity;
  for (const head of valveHeadM) {
    if (head > peakM) peakM = head;
    if (head < troughM) troughM = head;
  }
  return { peakM, troughM };
}

function seriesOf(
  { stepS, valveHeadM, valveFlowM3s }: Transient,
  weight: number,
): NonNullable<Surge['series']> {
  if (valveHeadM.length > MOST_POINTS)
    throw new InvalidInput(
      'series',
      `series would have ${valveHeadM.length} points: at most ${MOST_POINTS} are given. Leave it out with false, or give fewer reaches.`,
    );
  return Array.from(valveHeadM, (head, step) => ({
    timeS: step * stepS,
    pressurePa: head * weight,
    flowM3s: valveFlowM3s[step] ?? 0,
  }));
}

function envelopeOf(
  { highestM, lowestM }: Transient,
  { lengthM, reaches }: TransientPipe,
  weight: number,
): NonNullable<Surge['envelope']> {
  return Array.from(highestM, (highest, node) => ({
    distanceM: (node * lengthM) / reaches,
    maxPa: highest * weight,
    minPa: (lowestM[node] ?? 0) * weight,
  }));
}
