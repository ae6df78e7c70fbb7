import { type GroundPoint, groundPlan } from '@grevik/core';
import type { Walked } from '../isolation/useWalk';
import type { PlanLayout } from './lay-out';
import type { PlanGraph } from './plan-graph';

/** Pixels of the longer side; what is drawn keeps its size, whatever the scale. */
const LONGEST_PX = 900;
const MARGIN_PX = 60;
const BESIDE_PX = { x: 52, y: 26 };

export interface GroundLayout extends PlanLayout {
  pixelsPerM: number;
}

/** A plan as it lies on the ground, north up; undefined where too few of its places have coordinates. */
export function groundLayout({ places, kinds, pipes }: PlanGraph, walk: Walked): GroundLayout | undefined {
  const coordinates = new Map(
    walk.items.flatMap((item) => {
      const at = walk.positionOf(item)?.coordinates;
      return at ? [[item.id, at] as const] : [];
    }),
  );
  const plan = groundPlan(walk.network, coordinates);
  if (!plan) return undefined;
  const points = places.map((id) => plan.get(id) ?? { eastM: 0, northM: 0 });
  const span = (of: keyof GroundPoint): [least: number, width: number] => {
    const values = points.map((point) => point[of]);
    const least = Math.min(...values);
    return [least, Math.max(...values) - least];
  };
  const [west, acrossM] = span('eastM');
  const [south, upM] = span('northM');
  const pixelsPerM = LONGEST_PX / Math.max(acrossM, upM, 1);
  const at = Object.fromEntries(
    places.map((id, index) => {
      const { eastM, northM } = points[index] ?? { eastM: 0, northM: 0 };
      // A fixture hangs beside the valve that serves it, which would lie under its name otherwise.
      const beside = kinds[index] === 'fixture' ? BESIDE_PX : { x: 0, y: 0 };
      return [
        id,
        {
          x: MARGIN_PX + (eastM - west) * pixelsPerM + beside.x,
          y: MARGIN_PX + (south + upM - northM) * pixelsPerM + beside.y,
        },
      ];
    }),
  );
  const laid = Object.fromEntries(
    pipes.map(({ id, from, to }) => {
      const [a, b] = [at[from], at[to]];
      return [id, a && b ? `M${a.x} ${a.y}L${b.x} ${b.y}` : ''];
    }),
  );
  return {
    width: 2 * MARGIN_PX + BESIDE_PX.x + acrossM * pixelsPerM,
    height: 2 * MARGIN_PX + upM * pixelsPerM,
    at,
    laid,
    pixelsPerM,
  };
}
