import type { Medium } from '../../ground/media/index.js';
import { type ValveType, familyOf, isManyTurn, valveTypeFacts } from '../../ground/valves/index.js';
import type { LifeSpread } from './renewal.js';
import { typicalLife } from './typical-lives.js';

/** What decides how long a valve lasts where it stands. */
export interface LifeCase {
  type: ValveType;
  medium: Medium;
  hardWater?: boolean | undefined;
  chloramine?: boolean | undefined;
  aggressiveToBrass?: boolean | undefined;
  /** Its body is of yellow brass; left out where that is not known. */
  yellowBrass?: boolean | undefined;
  /** Years since it was last operated; left out where nobody recorded that. */
  yearsUnturned?: number | undefined;
}

export interface ValveLife extends LifeSpread {
  /** Half have failed by then. */
  medianYears: number;
  /** Product of all that makes it longer or shorter than the type's usual life. */
  factor: number;
  /** What the figure rests on, in words. */
  because: string[];
}

/** Operated within so many years it counts as exercised. */
const EXERCISED_YEARS = 2;
const RUBBER_INSIDE = ['compression-stop', 'compression-stop-angle', 'radiator-disc', 'gate-resilient'];

/**
 * How long a valve may be expected to last where it stands.
 *
 * @param given type, medium, what the water does, years since it was last operated
 * @returns Weibull shape and scale in years, the median, and what they rest on
 * Source: judgements from practice; scale = median / (ln 2)^(1/shape).
 *
 * @example
 * valveLife({ type: 'gate-solid', medium: 'potable-cold', hardWater: true }).medianYears // 8.4
 */
export function valveLife(given: LifeCase): ValveLife {
  const { type, medium, yearsUnturned } = given;
  const isExercised = yearsUnturned !== undefined && yearsUnturned <= EXERCISED_YEARS;
  const { medianYears, shape, source } = typicalLife(type, medium, isExercised);
  const factors = factorsOf(given, isExercised);
  const factor = factors.reduce((product, { times }) => product * times, 1);
  return {
    shape,
    scaleYears: scaleOf(medianYears * factor, shape),
    medianYears: medianYears * factor,
    factor,
    because: [
      `${valveTypeFacts(type).words}: ${medianYears} years to half of them failed (${source})`,
      ...(type === 'gate-solid' ? [exerciseWords(yearsUnturned)] : []),
      ...factors.map(({ why, times }) => `${why}: × ${times}`),
    ],
  };
}

/** Years by which 63 % have failed, from those by which half have. */
export const scaleOf = (medianYears: number, shape: number): number => medianYears / Math.LN2 ** (1 / shape);

function factorsOf(
  { type, hardWater, chloramine, aggressiveToBrass, yellowBrass }: LifeCase,
  isExercised: boolean,
): { why: string; times: number }[] {
  const isRubber = valveTypeFacts(type).softSeated === true || RUBBER_INSIDE.includes(type);
  // The life of a solid wedge gate has its exercise in it already.
  const isOtherGate = familyOf(type) === 'gate' && type !== 'gate-solid';
  return [
    ...(hardWater && isManyTurn(type) ? [{ why: 'hard water', times: 0.7 }] : []),
    ...(chloramine && isRubber ? [{ why: 'chloramine on rubber', times: 0.6 }] : []),
    ...(aggressiveToBrass && yellowBrass
      ? [{ why: 'water that attacks brass, on yellow brass', times: 0.5 }]
      : []),
    ...(isOtherGate && isExercised ? [{ why: 'exercised', times: 1.3 }] : []),
  ];
}

const exerciseWords = (yearsUnturned: number | undefined): string =>
  yearsUnturned === undefined
    ? 'nobody recorded operating it: taken as not exercised'
    : yearsUnturned <= EXERCISED_YEARS
      ? 'exercised'
      : `last operated ${Math.floor(yearsUnturned)} years ago: not exercised`;
