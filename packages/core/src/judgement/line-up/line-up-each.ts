import type { Duty, HouseRuleSettings, Weights } from '../selection/index.js';
import type { CatalogueModel } from './catalogue-model.js';
import { type LineUp, lineUp } from './line-up.js';

/**
 * The line-ups of many positions, as of a whole job. Positions that ask the same share one: a job has the same stop under every basin.
 *
 * @param duties one a position
 * @param models the catalogue
 * @param settings house rules in force
 * @param weights what counts how much in the ranking
 * @returns one a duty, in the order given; of duties that are alike the very same
 *
 * @example
 * lineUpEach([duty, { ...duty }], models, houseRuleSettings()) // the same line-up twice
 */
export function lineUpEach<M extends CatalogueModel>(
  duties: readonly Duty[],
  models: readonly M[],
  settings: HouseRuleSettings,
  weights?: Weights,
): LineUp<M>[] {
  const known = new Map<string, LineUp<M>>();
  return duties.map((duty) => {
    const asked = JSON.stringify(duty);
    let found = known.get(asked);
    if (!found) known.set(asked, (found = lineUp(duty, models, settings, weights)));
    return found;
  });
}
