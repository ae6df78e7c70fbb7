import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import type { ValveType } from '@grevik/core';

/**
 * What stands at a position, or will: what is picked, else what was found there, else what was written down on the walk.
 *
 * @returns undefined where nobody said, or nothing stands there
 */
export function standingType(
  { id, pick, condition }: PositionView,
  { walk }: LineView,
  models: readonly ModelView[],
): ValveType | undefined {
  return (
    models.find((model) => model.id === pick?.modelId)?.type ??
    (condition.type === 'nothing' ? undefined : condition.type) ??
    walk.items.find(({ positionId }) => positionId === id)?.type
  );
}
