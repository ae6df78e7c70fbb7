import type { Medium } from '../../ground/media/index.js';
import { type CatalogueModel, sizeFor } from '../../judgement/line-up/index.js';
import type { PositionDuty } from '../../judgement/selection/index.js';
import { type Condition, type WalkItem, namedIn, typeFound } from '../../judgement/walk/index.js';
import { specOfModel } from '../../trade/order-wording/index.js';
import type { StartedLine, StartedPosition } from './started-line.js';

/** A line as it is kept. */
interface KeptLine {
  medium: Medium;
  positions: readonly {
    id: string;
    tag: string;
    remarks: string;
    duty: PositionDuty;
    pick: { modelId: string } | null;
    condition: Condition;
  }[];
  items: readonly WalkItem[];
}

/**
 * A line as it is started up: at each position what is picked, or what was found there and left.
 *
 * @param line   positions with duty, pick and condition, and the walk
 * @param models the catalogue
 *
 * @example
 * startedLineOf({ medium: 'potable-cold', positions: [], items: [] }, []).positions // []
 */
export function startedLineOf(
  { medium, positions, items }: KeptLine,
  models: readonly (CatalogueModel & { id: string })[],
): StartedLine {
  return {
    medium,
    items,
    positions: positions.map(({ id, tag, remarks, duty, pick, condition }): StartedPosition => {
      const model = models.find((of) => of.id === pick?.modelId);
      const size = model && sizeFor(model, { ...duty, medium });
      return {
        id,
        tag,
        ...namedIn(remarks),
        duty,
        model,
        type: model?.type ?? typeFound(condition),
        spec: model && size && specOfModel(model, size, { ...duty, medium }),
      };
    }),
  };
}
