import type { Duty, HouseRuleSettings, Verdict, Weights } from '../selection/index.js';
import type { CatalogueModel } from './catalogue-model.js';
import { judgePick } from './judge-pick.js';
import { lineUpEach } from './line-up-each.js';

type Held = CatalogueModel & { id: string };

/** What a change of house-rule settings needs of a position. */
export interface Placed {
  id: string;
  duty: Duty;
  /** Id of the model picked there. */
  pickedId?: string | undefined;
}

/** What another side changes at one position. */
export interface Switched {
  id: string;
  /** What is picked there, where its verdict changes. */
  pick?: { modelId: string; before: Verdict; after: Verdict };
  /** The first choice, where it changes; undefined is none. */
  first?: { before: string | undefined; after: string | undefined };
}

/**
 * What would change on a job if house rules were switched: picks that are judged otherwise, and first choices that move.
 *
 * @param positions the job's positions with their duties and picks
 * @param models    the catalogue
 * @param before    settings in force
 * @param after     settings as they would be
 * @returns only the positions where something changes, in the order given
 *
 * @example
 * whatIf(positions, models, houseRuleSettings(), houseRuleSettings({ 'ball-throttling': 'never' })).length // 3
 */
export function whatIf(
  positions: readonly Placed[],
  models: readonly Held[],
  before: HouseRuleSettings,
  after: HouseRuleSettings,
  weights?: Weights,
): Switched[] {
  const duties = positions.map(({ duty }) => duty);
  const firsts = [before, after].map((settings) =>
    lineUpEach(duties, models, settings, weights).map(({ columns }) => columns[0]?.model.id),
  );
  return positions.flatMap(({ id, duty, pickedId }, at) => {
    const model = models.find((held) => held.id === pickedId);
    const pick = model && {
      modelId: model.id,
      before: judgePick(duty, model, before).verdict,
      after: judgePick(duty, model, after).verdict,
    };
    const first = { before: firsts[0]?.[at], after: firsts[1]?.[at] };
    const pickMoves = pick && pick.before !== pick.after;
    const firstMoves = first.before !== first.after;
    if (!pickMoves && !firstMoves) return [];
    return [{ id, ...(pickMoves && { pick }), ...(firstMoves && { first }) }];
  });
}
