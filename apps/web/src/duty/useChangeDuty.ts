import type { PositionView } from '@grevik/contracts';
import type { PositionDuty } from '@grevik/core';
import { useUndoable } from '../kit/useUndoable';
import { useChangeDutyMutation } from '../store/api';
import { failureText } from '../store/failure';

/** Saves a changed duty, with a way back. Answers what went wrong, in words, or nothing. */
export function useChangeDuty(
  position: PositionView,
  lineId: string,
): (duty: PositionDuty) => Promise<string | undefined> {
  const [change] = useChangeDutyMutation();
  const undoable = useUndoable();
  return async (duty) => {
    try {
      const changed = await change({ id: position.id, lineId, version: position.version, duty }).unwrap();
      undoable(`${position.tag}: duty changed`, () =>
        change({ id: position.id, lineId, version: changed.version, duty: position.duty }).unwrap(),
      );
      return undefined;
    } catch (error) {
      return failureText(error);
    }
  };
}
