import type { LineView, WalkEdited } from '@grevik/contracts';
import { useUndoable } from '../../kit/useUndoable';
import { failureText } from '../../store/failure';
import { useEditWalkMutation } from '../../store/walk-api';
import type { Edit } from './outline-edits';

/** Edits the walk of a line, with a way back. Answers what came of it, or what went wrong in words. */
export function useEditWalk(line: LineView): (edit: Edit, done: string) => Promise<WalkEdited | string> {
  const [edit] = useEditWalkMutation();
  const undoable = useUndoable();
  return async (change, done) => {
    try {
      const edited = await edit({ lineId: line.id, version: line.walk.version, ...change }).unwrap();
      undoable(done, { id: edited.changeId });
      return edited;
    } catch (error) {
      return failureText(error);
    }
  };
}
