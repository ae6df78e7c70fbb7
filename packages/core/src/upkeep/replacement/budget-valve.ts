import type { Medium } from '../../ground/media/index.js';
import { isFuelGas } from '../../ground/media/index.js';
import type { ValveType } from '../../ground/valves/index.js';
import { type CorrectedLife, type Learned, correctedLife, ownLivesSaid, valveLife } from '../life/index.js';
import { type BudgetSettings, type Wets, hoursToChange } from './budget-settings.js';
import { valveFailureCost } from './failure-cost.js';
import { type PlannedValve, chanceInYearFromAge } from './planning-costs.js';

/** A valve in service, as a budget sees it. */
export interface ServedValve {
  id: string;
  type: ValveType;
  medium: Medium;
  dn: number;
  /** Left out where nobody knows when it was put in. */
  ageYears?: number | undefined;
  yearsUnturned?: number | undefined;
  hardWater?: boolean | undefined;
  chloramine?: boolean | undefined;
  aggressiveToBrass?: boolean | undefined;
  /** Of the model that stands there or is picked for it; left out where none is known. */
  price?: number | undefined;
  /** What gets wet; left out where nobody was asked. */
  wets?: Wets | undefined;
  place?: 'indoors' | 'outdoors' | 'pit' | 'buried' | 'concealed' | undefined;
  /** Why it may not wait, whatever the money: it stands above the plan. */
  mustNotWait?: string | null | undefined;
  /** It was found seized, leaking by or leaking. */
  isFailed?: boolean | undefined;
  /** The shut-off that would stop it does not turn. */
  isBehindSeized?: boolean | undefined;
}

/** A valve with what its failure would mean: chance and consequence, each by itself. */
export interface BudgetedValve {
  isFailed: boolean;
  /** As known or taken; the plan takes what has failed as older. Left out where nobody knows and none is taken. */
  ageYears: number | undefined;
  valve: PlannedValve;
  life: CorrectedLife;
  /** Within the next year, given that it has lasted so long. */
  chanceThisYear: number;
  /** What a failure costs, damage by its chance. */
  consequence: number;
  /** What was taken because nobody knows better. */
  assumed: ('age' | 'wets')[];
  /** What the figures rest on, in words. */
  because: string[];
}

/** What has failed is taken as so many usual lives old: it may give way any year. A judgement, as the lives are. */
const FAILED_LIVES = 2;

/** Why a valve cannot be planned: what is not known of it. */
export type NotPlanned = 'age' | 'price';

/**
 * A valve with its life, what replacing it costs and what its failure would cost.
 *
 * @param served   as known
 * @param settings of the budget
 * @param learned  from the lives the company saw itself
 * @returns the figures, or what is not known and keeps it out of the plan
 *
 * @example
 * budgetValve({ id: 'a', type: 'ball', medium: 'potable-cold', dn: 20, ageYears: 12, price: 25 }, STANDARD_BUDGET, learnedFrom([]))
 */
export function budgetValve(
  served: ServedValve,
  settings: BudgetSettings,
  learned: (type: ValveType, shape: number) => Learned,
): BudgetedValve | NotPlanned {
  const { id, type, dn, price } = served;
  const ageYears = served.ageYears ?? settings.ageIfUnknown;
  const isFailed = served.isFailed === true;
  if (ageYears === undefined && !isFailed) return 'age';
  if (price === undefined) return 'price';
  const usual = valveLife(served);
  const life = correctedLife(usual, learned(type, usual.shape));
  const plannedAge = Math.max(ageYears ?? 0, isFailed ? FAILED_LIVES * life.medianYears : 0);
  const { failure, isWetsAssumed, because } = valveFailureCost(
    { ...served, price, floods: !isFuelGas(served.medium) },
    settings,
  );
  return {
    isFailed,
    ageYears,
    valve: { id, ageYears: plannedAge, life, cost: price + hoursToChange(dn) * settings.hourlyRate, failure },
    life,
    chanceThisYear: chanceInYearFromAge(life, plannedAge, 1),
    consequence: failure.replaceCost + failure.chance * failure.damageCost,
    assumed: [
      ...(served.ageYears === undefined && ageYears !== undefined ? (['age'] as const) : []),
      ...(isWetsAssumed ? (['wets'] as const) : []),
    ],
    because: [
      ...(isFailed ? ['found failed: taken as worn as one of twice the usual life'] : []),
      ...usual.because,
      ...ownLivesSaid(life),
      ...because,
    ],
  };
}
