import {
  type Duty,
  type HouseSides,
  type Reason,
  type Verdict,
  houseSides,
  judgeCandidate,
} from '../selection/index.js';
import { type CatalogueModel, type ModelSize, candidateOf, sizeFor } from './catalogue-model.js';

export interface JudgedPick {
  /** Left out where the model is not made in the duty's size. */
  size?: ModelSize;
  verdict: Verdict;
  reasons: Reason[];
}

/**
 * Judges one model for a duty, alone: when it is picked, and again whenever the duty has changed.
 *
 * @param duty  what the position asks now
 * @param model the model picked
 * @param sides house rules in force
 *
 * @example
 * judgePick(duty, model).verdict // 'fits'; 'out' where the model is not made in the size
 */
export function judgePick(duty: Duty, model: CatalogueModel, sides: HouseSides = houseSides()): JudgedPick {
  const size = sizeFor(model, duty);
  if (!size)
    return {
      verdict: 'out',
      reasons: [{ rule: 'size-made', verdict: 'out', text: 'It is not made in this size.' }],
    };
  return { size, ...judgeCandidate(duty, candidateOf(model, size), sides) };
}
