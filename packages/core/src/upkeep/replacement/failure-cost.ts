import type { Duty } from '../../judgement/duty/index.js';
import { type BudgetSettings, WETS_WORDS, type Wets, hoursToChange } from './budget-settings.js';

/** A valve whose failure is costed. */
export interface FailingValve {
  price: number;
  dn: number;
  /** What gets wet; left out where nobody was asked. */
  wets?: Wets | undefined;
  place?: Duty['place'];
  /** The shut-off that would stop it does not turn. */
  isBehindSeized?: boolean | undefined;
  /** False of what floods nothing: gas. */
  floods: boolean;
}

export interface FailureCost {
  failure: { replaceCost: number; damageCost: number; chance: number };
  /** Nobody said what gets wet: it was taken by the place. */
  isWetsAssumed: boolean;
  /** What it rests on, in words. */
  because: string[];
}

/**
 * What a failure costs: the emergency call with the valve and the hours, and what gets wet with the chance that it floods.
 *
 * @param valve    price in the company’s currency, nominal size, what gets wet
 * @param settings of the budget
 *
 * @example
 * valveFailureCost({ price: 25, dn: 20, wets: 'outdoors', floods: true }, STANDARD_BUDGET).failure.chance // 0.5
 */
export function valveFailureCost(valve: FailingValve, settings: BudgetSettings): FailureCost {
  const { price, dn, isBehindSeized = false, floods } = valve;
  const { wets, isAssumed } = wetsOf(valve);
  const damage = settings.damage[wets];
  return {
    failure: {
      replaceCost:
        price + settings.emergencyCall + hoursToChange(dn) * settings.hourlyRate * settings.emergencyTimes,
      damageCost: damage.cost * (isBehindSeized ? settings.seizedTimes : 1),
      // Gas that leaks floods nothing: what it does is no matter of money and stands above the plan.
      chance: floods ? damage.chance : 0,
    },
    isWetsAssumed: isAssumed,
    because: [
      `gets wet: ${WETS_WORDS[wets]}${isAssumed ? ' (taken by its place, nobody was asked)' : ''}`,
      ...(isBehindSeized ? ['the shut-off before it does not turn'] : []),
    ],
  };
}

/** What gets wet: as somebody said, else by its place. */
function wetsOf({ wets, place }: FailingValve): { wets: Wets; isAssumed: boolean } {
  if (wets !== undefined) return { wets, isAssumed: false };
  const isOutside = place === 'outdoors' || place === 'pit' || place === 'buried';
  return { wets: isOutside ? 'outdoors' : 'bare-room', isAssumed: true };
}
