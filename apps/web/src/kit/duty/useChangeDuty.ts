import type { PositionView } from '@grevik/contracts';
import type { PositionDuty } from '@grevik/core';
import { useUndoable } from '../useUndoable';
import { useChangeDutyMutation } from '../../store/api';
import { changedOn } from '../../store/changed-on';
import { failureText, refusalOf } from '../../store/failure';
import { inTurn } from '../../store/in-turn';
import { clashed } from '../../store/merge-slice';
import { useAppDispatch } from '../../store/store';
import { useWords } from '../../words';

/**
 * Saves a changed duty, with a way back. What was changed since the screen was drawn, by oneself, stays changed; where somebody else changed
 * it meanwhile, both are put side by side. Answers what went wrong, in words, or nothing.
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
      const { changed } = await inTurn(position, (latest) =>
        change({
          id: position.id,
          lineId,
          version: latest.version,
          base: latest.duty,
          duty: changedOn(position.duty, duty, latest.duty),
        }).unwrap(),
      );
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
