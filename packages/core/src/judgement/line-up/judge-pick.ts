import {
  type Duty,
  type HouseRuleSettings,
  type Judged,
  houseRuleSettings,
  judgeCandidate,
  type PositionDuty,
  asNew,
} from '../selection/index.js';
import type { Edge } from '../outlook/index.js';
import { type CatalogueModel, type ModelSize, candidateOf, modelInSize, sizeFor } from './catalogue-model.js';
import { crossedEdges } from './pick-edges.js';

export interface JudgedPick extends Judged {
  /** Left out where the model is not made in the duty's size. */
  size?: ModelSize;
}

/**
 * Judges one model for a duty, alone: when it is picked, and again whenever the duty has changed.
 *
 * @param duty  what the position asks now
 * @param model the model picked
 * @param settings house rules in force
 *
 * @example
 * judgePick(duty, model).verdict // 'fits'; 'out' where the model is not made in the size
 */
export function judgePick(
  duty: Duty,
  model: CatalogueModel,
  settings: HouseRuleSettings = houseRuleSettings(),
): JudgedPick {
  const size = sizeFor(model, duty);
  if (!size)
    return {
      verdict: 'out',
      reasons: [{ rule: 'size-made', verdict: 'out', text: 'It is not made in this size.' }],
    };
  return { size, ...judgeCandidate(asNew(duty), candidateOf(model, size), settings) };
}

/** A model that a company holds, by its id. */
type Held = CatalogueModel & { id: string };

export interface PickedNow<M extends Held = Held> extends JudgedPick {
  model: M;
  /** Why it was picked. */
  reason: string;
  /** Edges of the pick that its duty has crossed since. */
  crossed: Edge[];
}

/**
 * What is picked at a position, judged on the duty as it is now.
 *
 * @param position its duty, and the id and reason of its pick
 * @param line     gives the medium
 * @param models   the catalogue
 * @param settings    house rules in force
 * @returns undefined where nothing is picked
 *
 * @example
 * pickedNow({ duty, pick: { modelId: 'a', reason: 'No torch.' } }, { medium: 'potable-cold' }, models, settings)?.verdict // 'fits'
 */
export function pickedNow<M extends Held>(
  {
    duty,
    pick,
  }: { duty: PositionDuty; pick: { modelId: string; reason: string; edges?: readonly Edge[] } | null },
  { medium }: Pick<Duty, 'medium'>,
  models: readonly M[],
  settings: HouseRuleSettings,
): PickedNow<M> | undefined {
  const model = models.find(({ id }) => id === pick?.modelId);
  if (!pick || !model) return undefined;
  const judged = judgePick({ ...duty, medium }, model, settings);
  return {
    model: judged.size ? modelInSize(model, judged.size) : model,
    reason: pick.reason,
    crossed: crossedEdges(pick.edges ?? [], duty),
    ...judged,
  };
}
