import { Graph, layout } from '@dagrejs/dagre';
import type { WalkItem } from '@grevik/core';
import type { PlanGraph } from './plan-graph';

interface Point {
  x: number;
  y: number;
}

export interface PlanLayout {
  width: number;
  height: number;
  at: Record<string, Point>;
  /** How each pipe is laid: square, as an SVG path. */
  laid: Record<string, string>;
}

const RANK_GAP = 22;
const SIZES: Record<WalkItem['kind'], { width: number; height: number }> = {
  source: { width: 34, height: 52 },
  run: { width: 14, height: 14 },
  valve: { width: 52, height: 46 },
  tee: { width: 16, height: 20 },
  fixture: { width: 82, height: 30 },
};

/** Where the places of a plan lie: the water goes from left to right. */
export function layOut({ places, pipes, kinds }: PlanGraph): PlanLayout {
  const graph = new Graph({ multigraph: true });
  graph.setGraph({ rankdir: 'LR', nodesep: 12, ranksep: RANK_GAP, marginx: 20, marginy: 24 });
  graph.setDefaultEdgeLabel(() => ({}));
  places.forEach((id, at) => graph.setNode(id, { ...SIZES[kinds[at] ?? 'tee'] }));
  for (const { id, from, to } of pipes) graph.setEdge(from, to, {}, id);
  layout(graph);
  const { width = 0, height = 0 } = graph.graph();
  const at = Object.fromEntries(
    places.map((id) => {
      const { x, y } = graph.node(id) as Point;
      return [id, { x, y }];
    }),
  );
  const reach = reachOfRanks(places.map((id) => graph.node(id) as Point & { width: number }));
  const laid = Object.fromEntries(
    pipes.map(({ id, from, to }) => {
      const { points } = graph.edge(from, to, id) as { points: Point[] };
      return [id, square([at[from] as Point, ...points.slice(1, -1), at[to] as Point], reach)];
    }),
  );
  return { width, height, at, laid };
}

/** How far the widest place of each rank reaches to its right: the gap behind it is where pipes turn. */
function reachOfRanks(places: readonly (Point & { width: number })[]): ReadonlyMap<number, number> {
  const reach = new Map<number, number>();
  for (const { x, width } of places)
    reach.set(Math.round(x), Math.max(reach.get(Math.round(x)) ?? 0, width / 2));
  return reach;
}

/** Pipe is laid square: along, across in the gap between two ranks, along. */
function square([start, ...rest]: readonly Point[], reach: ReadonlyMap<number, number>): string {
  if (!start) return '';
  let from = start;
  let path = `M${start.x} ${start.y}`;
  for (const to of rest) {
    const back = to.x < from.x;
    const turn = back
      ? from.x - (reach.get(Math.round(from.x)) ?? 0) - RANK_GAP / 2
      : from.x + (reach.get(Math.round(from.x)) ?? 0) + RANK_GAP / 2;
    path +=
      Math.abs(to.y - from.y) < 1
        ? `H${to.x}`
        : `H${back ? Math.max(turn, to.x) : Math.min(turn, to.x)}V${to.y}H${to.x}`;
    from = to;
  }
  return path;
}
