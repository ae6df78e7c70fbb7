import {
  type Assembly,
  type Duty,
  type ExpectedLife,
  type HouseRuleSettings,
  type Reason,
  STANDARD_WEIGHTS,
  type Verdict,
  type Weights,
  expectedLife,
  houseRuleSettings,
  rateAssembly,
  select,
  asNew,
} from '../selection/index.js';
import { type CatalogueModel, type ModelSize, candidateOf, modelInSize, sizeFor } from './catalogue-model.js';
import { type OpenValve, openValve } from './open-valve.js';

/** A model side by side with the others: what it is judged, what it carries and what it passes. */
export interface Column<M extends CatalogueModel = CatalogueModel> extends Assembly {
  model: M;
  size: ModelSize;
  verdict: Verdict;
  reasons: readonly Reason[];
  score: number | null;
  /** How long it may serve here: what the price of a year is reckoned by. */
  life: ExpectedLife;
  open?: OpenValve;
}

export interface LineUp<M extends CatalogueModel = CatalogueModel> {
  /** What could serve, best first. */
  columns: Column<M>[];
  /** What is ruled out, in the catalogue's order. */
  tray: Column<M>[];
  /** Models not made in the duty's size. */
  otherSizes: M[];
}

/**
 * Lines up a catalogue for a duty.
 *
 * @param found  the duty of the position; every candidate is judged as new, whatever is in the wall
 * @param models the catalogue
 * @param settings  house rules in force
 * @param weights what counts how much in the ranking
 *
 * @example
 * lineUp(duty, models).columns[0] // the first choice
 */
export function lineUp<M extends CatalogueModel>(
  found: Duty,
  models: readonly M[],
  settings: HouseRuleSettings = houseRuleSettings(),
  weights: Weights = STANDARD_WEIGHTS,
): LineUp<M> {
  const duty = asNew(found);
  const made = models.flatMap((model) => {
    const size = sizeFor(model, duty);
    if (!size) return [];
    const plain = candidateOf(model, size);
    const life = expectedLife(duty, plain);
    return [
      {
        model: modelInSize(model, size),
        size,
        life,
        candidate: plain,
        open: openValve(duty, model, size),
      },
    ];
  });
  const { results, ranked } = select(
    duty,
    made.map(({ candidate }) => candidate),
    settings,
    { weights, openKv: made.map(({ open }) => open?.kv), lifeYears: made.map(({ life }) => life.years) },
  );
  const columns = made.map(({ model, size, life, candidate, open }, index): Column<M> => {
    const { verdict, reasons, score } = results[index] as (typeof results)[number];
    return {
      model,
      size,
      life,
      verdict,
      reasons,
      score,
      ...rateAssembly(duty, candidate),
      ...(open && { open }),
    };
  });
  return {
    columns: ranked.map((index) => columns[index] as Column<M>),
    tray: columns.filter((column) => column.verdict === 'out'),
    otherSizes: models.filter((model) => !sizeFor(model, duty)),
  };
}
