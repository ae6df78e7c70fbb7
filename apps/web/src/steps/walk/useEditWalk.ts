import type { LineView, WalkEdited } from '@grevik/contracts';
import { useUndoable } from '../../kit/useUndoable';
import { failureText, isKept } from '../../store/failure';
import { newId } from '../../store/new-id';
import { editedHere, useEditWalkMutation } from '../../store/walk-api';
import type { Edit } from './outline-edits';

/** Edits the walk of a line, with a way back; without a network it is done here and waits to be sent. Answers what came of it, or what went wrong in words. */
export function useEditWalk(line: LineView): (edit: Edit, done: string) => Promise<WalkEdited | string> {
  const [edit] = useEditWalkMutation();
  const undoable = useUndoable();
  return async (change, done) => {
    const request = { lineId: line.id, version: line.walk.version, id: newId(), ...change };
    try {
      const edited = await edit(request).unwrap();
      undoable(done, { id: edited.changeId });
      return edited;
    } catch (error) {
      return isKept(error) ? editedHere(request) : failureText(error);
    }
  };
}
