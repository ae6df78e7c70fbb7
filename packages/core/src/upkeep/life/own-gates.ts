import type { HouseRuleSettings } from '../../judgement/selection/index.js';
import { type LifeSeen, correctedLife, learnedFrom, ownGateLife } from './own-lives.js';
import { valveLife } from './valve-life.js';

/** What the company's own solid gates say of the house rule `gate-life`. */
export interface OwnGates {
  failed: number;
  working: number;
  medianYears: number;
  /** The option they speak for; null while fewer than ten have failed. */
  option: HouseRuleSettings['gate-life'] | null;
}

/**
 * What the company's own solid gates say.
 *
 * @param seen lives of valves, of any type
 *
 * @example
 * ownGates([]) // { failed: 0, working: 0, medianYears: 12, option: null }
 */
export function ownGates(seen: readonly LifeSeen[]): OwnGates {
  const usual = valveLife({ type: 'gate-solid', medium: 'potable-cold' });
  const life = correctedLife(usual, learnedFrom(seen)('gate-solid', usual.shape));
  const { failed, working, medianYears } = life;
  return { failed, working, medianYears, option: ownGateLife(life) ?? null };
}

/**
 * House rules that follow the company's own numbers where nobody chose an option.
 *
 * @param own null or left out where nothing was seen yet
 *
 * @example
 * followedHouseRules({ failed: 12, working: 4, medianYears: 8, option: 'on-sight' }) // { 'gate-life': 'on-sight' }
 */
export const followedHouseRules = (own: OwnGates | null | undefined): Partial<HouseRuleSettings> =>
  own?.option ? { 'gate-life': own.option } : {};
