import { type IndexedNetwork, WAY } from './indexed-network.js';
import { groups } from './groups.js';

/** Where water can go, by regions: nodes that nothing but open pipe lies between are fed together. Vertex 0 is where all sources draw from. */
export interface FlowGraph {
  vertices: number;
  /** The vertex of each node, from 1. */
  vertexOf: Int32Array;
  /** `heads[starts[v]]` up to `heads[starts[v + 1]]` are where water goes from v. */
  starts: Int32Array;
  heads: Int32Array;
}

/** The regions of a network and the ways between them, as the valves stand now. */
export function flowGraph({ network, from, to, way }: IndexedNetwork): FlowGraph {
  const regions = groups(network.nodes.length, from, to, (link) => way[link] === WAY.open);
  const vertexOf = regions.of.map((region) => region + 1);
  const vertices = regions.count + 1;

  const tails: number[] = [];
  const ends: number[] = [];
  const isFed = new Uint8Array(vertices);
  for (let node = 0; node < network.nodes.length; node += 1) {
    const vertex = vertexOf[node] as number;
    if (network.nodes[node]?.kind !== 'source' || isFed[vertex]) continue;
    isFed[vertex] = 1;
    tails.push(0);
    ends.push(vertex);
  }
  for (let link = 0; link < from.length; link += 1) {
    if (way[link] !== WAY.works && way[link] !== WAY.check) continue;
    const one = vertexOf[from[link] as number] as number;
    const other = vertexOf[to[link] as number] as number;
    if (one === other) continue;
    tails.push(one);
    ends.push(other);
    if (way[link] !== WAY.works) continue;
    tails.push(other);
    ends.push(one);
  }

  const starts = new Int32Array(vertices + 1);
  for (const tail of tails) starts[tail + 1] = (starts[tail + 1] ?? 0) + 1;
  for (let vertex = 0; vertex < vertices; vertex += 1)
    starts[vertex + 1] = (starts[vertex + 1] as number) + (starts[vertex] as number);
  const heads = new Int32Array(ends.length);
  const next = starts.slice();
  for (let at = 0; at < ends.length; at += 1) {
    const tail = tails[at] as number;
    heads[next[tail] as number] = ends[at] as number;
    next[tail] = (next[tail] as number) + 1;
  }
  return { vertices, vertexOf, starts, heads };
}

/**
 * What is fed by a source.
 *
 * @param graph  where water can go
 * @param isLost vertices nothing passes; none where left out
 * @returns 1 for each vertex that is fed
 */
export function fed(
  { vertices, starts, heads }: FlowGraph,
  isLost?: (vertex: number) => boolean,
): Uint8Array {
  const reached = new Uint8Array(vertices);
  const waiting = [0];
  reached[0] = 1;
  for (let vertex = waiting.pop(); vertex !== undefined; vertex = waiting.pop()) {
    for (let at = starts[vertex] as number; at < (starts[vertex + 1] as number); at += 1) {
      const head = heads[at] as number;
      if (reached[head] || isLost?.(head)) continue;
      reached[head] = 1;
      waiting.push(head);
    }
  }
  return reached;
}
