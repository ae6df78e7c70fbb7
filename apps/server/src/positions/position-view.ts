import type { PositionView } from '@grevik/contracts';
import type { Position } from './position.model.js';

/** A position as the interface sees it. */
export function positionView({ id, tag, remarks, duty, version, pick }: Position): PositionView {
  return {
    id,
    tag,
    remarks,
    duty,
    version,
    pick: pick && {
      modelId: pick.modelId,
      reason: pick.reason,
      verdict: pick.verdict,
      pickedAt: pick.pickedAt.toISOString(),
    },
  };
}
