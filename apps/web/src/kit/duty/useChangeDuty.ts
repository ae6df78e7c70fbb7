import type { PositionView } from '@grevik/contracts';
import type { PositionDuty } from '@grevik/core';
import { useUndoable } from '../useUndoable';
import { useChangeDutyMutation } from '../../store/api';
import { failureText, refusalOf } from '../../store/failure';
import { clashed } from '../../store/merge-slice';
import { useAppDispatch } from '../../store/store';
import { useWords } from '../../words';

/**
 * Saves a changed duty, with a way back. Where somebody else changed it meanwhile, both are put side by side. Answers what went wrong, in
 * words, or nothing.
 */
export function useChangeDuty(
  position: PositionView,
  lineId: string,
): (duty: PositionDuty) => Promise<string | undefined> {
  const [change] = useChangeDutyMutation();
  const undoable = useUndoable();
  const dispatch = useAppDispatch();
  const words = useWords();
  return async (duty) => {
    try {
      const { changed } = await change({ id: position.id, lineId, version: position.version, duty }).unwrap();
      undoable(words('duty.changed', { tag: position.tag }), changed);
      return undefined;
    } catch (error) {
      const refusal = refusalOf(error);
      if (refusal?.code !== 'stale') return failureText(error);
      dispatch(
        clashed({ lineId, base: position.duty, mine: duty, current: refusal.current as PositionView }),
      );
      return undefined;
    }
  };
}
