import type { PositionView } from '@grevik/contracts';

/** Of each position that is being changed, how it stands once the change on its way is answered. */
const turns = new Map<string, Promise<PositionView>>();

/**
 * Makes a change of a position after those of it that are on their way: each rests on what the one before was answered, not on what was on
 * the screen when it was made.
 *
 * @param position as it was on the screen
 * @param change makes the change, given the position as it was last answered
 * @returns what the change answers; rejects as it does
 */
export function inTurn<T extends PositionView>(
  position: PositionView,
  change: (latest: PositionView) => Promise<T>,
): Promise<T> {
  const before = turns.get(position.id) ?? Promise.resolve(position);
  const latest = before.then((one) => (one.version > position.version ? one : position));
  const answer = latest.then(change);
  const after = answer.catch(() => latest);
  turns.set(position.id, after);
  void after.then(() => {
    if (turns.get(position.id) === after) turns.delete(position.id);
  });
  return answer;
}
