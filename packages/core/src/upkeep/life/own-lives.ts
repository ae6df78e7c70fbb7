import type { ValveType } from '../../ground/valves/index.js';
import type { Medium } from '../../ground/media/index.js';
import { typicalLife } from './typical-lives.js';
import type { LifeSpread } from './renewal.js';
import type { ValveLife } from './valve-life.js';

/** How long a valve of the company lasted: until it failed, or so far. */
export interface LifeSeen {
  type: ValveType;
  ageYears: number;
  failed: boolean;
  /** How much longer or shorter such a valve lasts than its type where it stands. */
  factor: number;
}

/** A life corrected by what the company saw itself. */
export interface CorrectedLife extends LifeSpread {
  medianYears: number;
  /** Half have failed by some year in here, with eight chances in ten. */
  medianBand: readonly [low: number, high: number];
  /** Valves of the company that it rests on. */
  failed: number;
  working: number;
}

/** What the company saw at its valves of a type. */
export interface Learned {
  failed: number;
  working: number;
  /** Sum of (age / factor)^shape, years to the power of the shape. */
  exposure: number;
}

/**
 * What the company saw, by type and shape: added up once for each, however many valves ask for it.
 *
 * @param seen valves of the company, of any type
 *
 * @example
 * learnedFrom([{ type: 'ball', ageYears: 10, failed: true, factor: 1 }])('ball', 2) // { failed: 1, working: 0, exposure: 100 }
 */
export function learnedFrom(seen: readonly LifeSeen[]): (type: ValveType, shape: number) => Learned {
  const known = new Map<string, Learned>();
  return (type, shape) => {
    const key = `${type} ${shape}`;
    const before = known.get(key);
    if (before) return before;
    const own = seen.filter((one) => one.type === type);
    const failed = own.filter((one) => one.failed).length;
    const learned = {
      failed,
      working: own.length - failed,
      exposure: own.reduce((sum, { ageYears, factor }) => sum + (ageYears / factor) ** shape, 0),
    };
    known.set(key, learned);
    return learned;
  };
}

/** What the company saw at valves of a type, added up for a shape. */
export interface LearnedOfType extends Learned {
  type: ValveType;
  shape: number;
}

/**
 * What the company saw, added up for each type in some medium: little enough to be sent where all that was seen is not.
 *
 * @param seen   valves of the company, of any type
 * @param medium of the place that asks
 *
 * @example
 * learnedByType([{ type: 'ball', ageYears: 10, failed: true, factor: 1 }], 'potable-cold')[0]?.failed // 1
 */
export function learnedByType(seen: readonly LifeSeen[], medium: Medium): LearnedOfType[] {
  const learned = learnedFrom(seen);
  return [...new Set(seen.map(({ type }) => type))].flatMap((type) => {
    const shapes = new Set([true, false].map((isExercised) => typicalLife(type, medium, isExercised).shape));
    return [...shapes].map((shape) => ({ type, shape, ...learned(type, shape) }));
  });
}

/**
 * The same as {@link learnedFrom}, of what was added up before.
 *
 * @example
 * learnedIn([])('ball', 3).failed // 0
 */
export const learnedIn =
  (learned: readonly LearnedOfType[]) =>
  (type: ValveType, shape: number): Learned =>
    learned.find((one) => one.type === type && one.shape === shape) ?? { failed: 0, working: 0, exposure: 0 };

/** What the usual life counts for: so many failures seen. */
const USUAL_COUNTS = 3;
/** Of the normal distribution: a tenth lies beyond it. */
const TENTH = 1.2816;

/**
 * Corrects the usual life of a valve by what the company saw at valves of its type.
 *
 * @param usual   of the valve where it stands
 * @param learned of its type and shape
 * @returns shape as before, scale corrected; the band of its median; how many it rests on
 * Source: Weibull with known shape; the scale has a gamma prior worth three failures, failures and working ages (censored) correct it.
 *
 * @example
 * correctedLife(valveLife({ type: 'ball', medium: 'potable-cold' }), learnedFrom([])('ball', 3)).failed // 0
 */
export function correctedLife(usual: ValveLife, { failed, working, exposure }: Learned): CorrectedLife {
  const { shape, factor } = usual;
  const count = USUAL_COUNTS + failed;
  const rate = USUAL_COUNTS * (usual.scaleYears / factor) ** shape + exposure;
  const scaleAt = (theta: number): number => theta ** (-1 / shape) * factor;
  const medianAt = (scale: number): number => scale * Math.LN2 ** (1 / shape);
  const scaleYears = scaleAt(count / rate);
  return {
    shape,
    scaleYears,
    medianYears: medianAt(scaleYears),
    medianBand: [
      medianAt(scaleAt(gammaQuantile(count, TENTH) / rate)),
      medianAt(scaleAt(gammaQuantile(count, -TENTH) / rate)),
    ],
    failed,
    working,
  };
}

/**
 * What of the company's own a life rests on, in words.
 *
 * @returns none where it saw nothing of the type
 *
 * @example
 * ownLivesSaid({ failed: 3, working: 9 }) // ['own valves of this type: 3 failed, 9 known to work']
 */
export const ownLivesSaid = ({ failed, working }: Pick<CorrectedLife, 'failed' | 'working'>): string[] =>
  failed + working > 0 ? [`own valves of this type: ${failed} failed, ${working} known to work`] : [];

/**
 * The same life with another median: one end of its band, say.
 *
 * @param medianYears half have failed by then
 *
 * @example
 * withMedian({ shape: 2, scaleYears: 12, medianYears: 10 }, 5) // { shape: 2, scaleYears: 6 }
 */
export const withMedian = (
  life: Pick<CorrectedLife, 'shape' | 'scaleYears' | 'medianYears'>,
  medianYears: number,
): LifeSpread => ({ shape: life.shape, scaleYears: (life.scaleYears * medianYears) / life.medianYears });

/** Quantile of a gamma distribution with unit rate, after Wilson and Hilferty. */
function gammaQuantile(count: number, normal: number): number {
  const ninth = 1 / (9 * count);
  return count * (1 - ninth + normal * Math.sqrt(ninth)) ** 3;
}

/** From so many failures of solid gates on, the firm’s own numbers say which side of the house rule they speak for. */
export const OWN_GATES_FROM = 10;
const LASTING_YEARS = 20;
const SHORT_YEARS = 10;

/**
 * What the company's own solid gates say on the house rule `gate-life`.
 *
 * @param own corrected life of a solid gate of the company
 * @returns undefined with fewer than ten failures
 *
 * @example
 * ownGateLife({ shape: 2, scaleYears: 30, medianYears: 25, medianBand: [20, 31], failed: 12, working: 40 }) // 'exercised'
 */
export function ownGateLife({
  failed,
  medianYears,
}: CorrectedLife): 'exercised' | 'planned' | 'on-sight' | undefined {
  if (failed < OWN_GATES_FROM) return undefined;
  if (medianYears >= LASTING_YEARS) return 'exercised';
  return medianYears < SHORT_YEARS ? 'on-sight' : 'planned';
}
