import type { PositionView } from '@grevik/contracts';
import { Person } from '../people/person.model.js';
import { Pick } from './pick.model.js';
import type { Position } from './position.model.js';

/** What is read with a position to show it: its pick, and the names of who picked and changed it. */
export const SHOWN_WITH = [
  { model: Pick, include: [{ model: Person, attributes: ['name'] }] },
  { model: Person, attributes: ['name'] },
];

/** A position as the interface sees it. */
export function positionView({
  id,
  tag,
  remarks,
  duty,
  version,
  pick,
  lastChange,
  changer,
  updatedAt,
}: Position): PositionView {
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
      pickedBy: pick.picker?.name ?? null,
    },
    changed: lastChange && changer ? { id: lastChange, by: changer.name, at: updatedAt.toISOString() } : null,
  };
}
