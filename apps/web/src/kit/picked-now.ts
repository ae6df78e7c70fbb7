import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import { type HouseSides, type JudgedPick, judgePick } from '@grevik/core';

export interface PickedNow extends JudgedPick {
  model: ModelView;
  /** Why it was picked. */
  reason: string;
}

/** What is picked at a position, judged on the duty as it is now; nothing where nothing is picked. */
export function pickedNow(
  { duty, pick }: PositionView,
  line: LineView,
  models: readonly ModelView[],
  sides: HouseSides,
): PickedNow | undefined {
  const model = models.find(({ id }) => id === pick?.modelId);
  if (!pick || !model) return undefined;
  return { model, reason: pick.reason, ...judgePick({ ...duty, medium: line.medium }, model, sides) };
}
