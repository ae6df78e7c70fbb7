import type { LineView, PositionView } from '@grevik/contracts';
import { type Advice, type Condition, type HouseRuleSettings, judgeFound, upstreamValve } from '@grevik/core';
import type { Walked } from '../isolation/useWalk';

/** Tag of the next valve upstream of a position that can be relied on; undefined where the walk has none. */
export function upstreamTag(walk: Walked, { id }: Pick<PositionView, 'id'>): string | undefined {
  const item = walk.items.find(({ positionId }) => positionId === id);
  const above = item && upstreamValve(walk.network, item.id);
  return above === undefined ? undefined : (walk.positionOf(walk.itemOf.get(above))?.tag ?? above);
}

/** What to do about the valve of a position, the most pressing first. */
export function adviceAt(
  { medium }: Pick<LineView, 'medium'>,
  walk: Walked,
  position: PositionView,
  settings: HouseRuleSettings,
  condition: Condition = position.condition,
): Advice[] {
  const upstream = upstreamTag(walk, position);
  return judgeFound(
    { duty: { ...position.duty, medium }, condition, ...(upstream !== undefined && { upstream }) },
    settings,
    new Date(),
  );
}
