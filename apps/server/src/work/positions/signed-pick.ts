import type { PickKept } from '@grevik/contracts';
import type { Pick } from './pick.model.js';

/** A pick with whoever made it: what brings it back whole. */
export interface SignedPick extends PickKept {
  /** ISO, UTC. */
  pickedAt: string;
  pickedBy: string | null;
  signedAs: string | null;
  importedBy: string | null;
}

export const signedPick = ({
  modelId,
  reason,
  verdict,
  edges,
  pickedAt,
  pickedBy,
  signedAs,
  importedBy,
}: Pick): SignedPick => ({
  modelId,
  reason,
  verdict,
  edges,
  pickedAt: pickedAt.toISOString(),
  pickedBy,
  signedAs,
  importedBy,
});
