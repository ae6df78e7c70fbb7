import type { Network, WalkItem } from '@grevik/core';

/** What a plan is drawn from: places, and the pipe between them. */
export interface PlanGraph {
  places: string[];
  /** What each place is. */
  kinds: WalkItem['kind'][];
  /** A stretch of runs from one place to another, its items in order. */
  pipes: { id: string; from: string; to: string; runs: string[] }[];
}

/** Most places drawn at once: beyond them, only what lies around. */
export const MOST_PLACES = 400;

/**
 * The plan of a walk: sources, valves, tees, fixtures and ends are places; runs that only lead on are drawn into the pipe between.
 *
 * @param items   of the walk
 * @param network made of them
 * @param around  where one stands: of a line too long to draw whole, what is nearest to it is drawn
 */
export function planGraph(
  items: readonly WalkItem[],
  network: Network,
  around: string | undefined,
): PlanGraph {
  const kindOf = new Map(items.map((item) => [item.id, item.kind]));
  const linkTo = new Map(network.links.map((link) => [link.id, link]));
  const follows = new Map<string, number>();
  for (const { from, to, id } of network.links) {
    follows.set(from, (follows.get(from) ?? 0) + 1);
    // Where a loop comes back, several pipes meet.
    if (to !== id) follows.set(to, 2);
  }
  const leadsOn = (id: string): boolean => kindOf.get(id) === 'run' && follows.get(id) === 1;
  const pipes: PlanGraph['pipes'] = [];
  const lead = (id: string, to: string, own: string[]): void => {
    const runs = [...own];
    let from = linkTo.get(id)?.from;
    while (from !== undefined && leadsOn(from)) {
      runs.unshift(from);
      from = linkTo.get(from)?.from;
    }
    if (from !== undefined) pipes.push({ id, from, to, runs });
  };
  const places: string[] = [];
  for (const { id, kind } of items) {
    const link = linkTo.get(id);
    if (link && link.to !== id) lead(id, link.to, [id]);
    else if (!leadsOn(id)) {
      places.push(id);
      lead(id, id, kind === 'run' ? [id] : []);
    }
  }
  const kinds = places.map((id) => kindOf.get(id) ?? 'tee');
  return nearest({ places, kinds, pipes }, around);
}

/** The places nearest to one, by pipes passed, with the pipes among them. */
function nearest(graph: PlanGraph, around: string | undefined): PlanGraph {
  if (graph.places.length <= MOST_PLACES) return graph;
  const beside = new Map<string, string[]>();
  const add = (one: string, other: string): void => {
    const list = beside.get(one);
    if (list) list.push(other);
    else beside.set(one, [other]);
  };
  for (const { from, to, runs } of graph.pipes) {
    add(from, to);
    add(to, from);
    for (const run of runs) add(run, to);
  }
  const known = new Set(graph.places);
  const kept = new Set<string>();
  let edge = [around !== undefined && beside.has(around) ? around : (graph.places[0] ?? '')];
  while (edge.length > 0 && kept.size < MOST_PLACES) {
    for (const id of edge) if (known.has(id)) kept.add(id);
    edge = edge.flatMap((id) => beside.get(id) ?? []).filter((id) => !kept.has(id));
  }
  return {
    places: graph.places.filter((id) => kept.has(id)),
    kinds: graph.kinds.filter((_, at) => kept.has(graph.places[at] ?? '')),
    pipes: graph.pipes.filter(({ from, to }) => kept.has(from) && kept.has(to)),
  };
}
