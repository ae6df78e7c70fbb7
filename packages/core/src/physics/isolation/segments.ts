import { InvalidInput } from '../../ground/input/index.js';
import { dominators } from './dominators.js';
import { type FlowGraph, fed, flowGraph } from './flow-graph.js';
import { gather } from './gather.js';
import { groups } from './groups.js';
import { type IndexedNetwork, WAY, indexNetwork } from './indexed-network.js';
import type { Network, NetworkLink, NetworkNode } from './network.js';

export interface Segment {
  /** Its smallest node id. */
  id: string;
  nodes: readonly string[];
  links: readonly string[];
  /** Valves on its edge that stop the search: working, shut or stuck shut. */
  valves: readonly string[];
  /** Users that lose their water with it. */
  outOfService: readonly string[];
}

export interface Segments {
  segments: Segment[];
  /** The ten whose loss puts out most users. */
  critical: string[];
}

const CRITICAL = 10;
/** Most users named over all segments: a long chain names each user once for every segment above it. */
const MOST_NAMED = 2_000_000;
/** Most vertices looked at for segments with a check inside, each of which is walked for by itself. */
const MOST_WALKED = 1e9;

/**
 * Divides a network into the parts that can be shut off, each with what it puts out of service.
 *
 * @param network nodes and links, up to some hundred thousand
 * @returns lists sorted by id; `critical`: ids of the ten segments that put out most users, ties by id
 * What a segment puts out is read from the dominators of the way of the water; only one with a check inside is walked for by itself.
 *
 * @example
 * segments({ nodes: [source, user], links: [{ id: 'v', kind: 'valve', from: 'source', to: 'user' }] }).critical // ['source', 'user']
 * @see isolate
 */
export function segments(network: Network): Segments {
  const indexed = indexNetwork(network);
  const { from, to, way } = indexed;
  const { of, count } = groups(
    network.nodes.length,
    from,
    to,
    (link) => way[link] === WAY.open || way[link] === WAY.check,
  );
  const segmentAt = (node: number): number => of[node] as number;
  const eachLink = (work: (id: string, one: number, other: number) => void): void => {
    for (let at = 0; at < from.length; at += 1)
      work((network.links[at] as NetworkLink).id, segmentAt(from[at] as number), segmentAt(to[at] as number));
  };

  const nodes = gather(count, (put) => {
    for (let at = 0; at < of.length; at += 1) put(segmentAt(at), (network.nodes[at] as NetworkNode).id);
  });
  const links = gather(count, (put) => eachLink((id, one, other) => one === other && put(one, id)));
  const valves = gather(count, (put) =>
    eachLink((id, one, other) => {
      if (one === other) return;
      put(one, id);
      put(other, id);
    }),
  );
  const outOfService = putOut(indexed, of, count);
  const found = nodes.map((of, segment): Segment => ({
    id: of[0] as string,
    nodes: of,
    links: links[segment] as readonly string[],
    valves: valves[segment] as readonly string[],
    outOfService: outOfService[segment] as readonly string[],
  }));
  found.sort((a, b) => (a.id < b.id ? -1 : 1));
  return { segments: found, critical: mostOut(found) };
}

/** The users that lose their water with each segment. */
function putOut(indexed: IndexedNetwork, of: Int32Array, count: number): (readonly string[])[] {
  const { nodes } = indexed.network;
  const graph = flowGraph(indexed);
  const { segmentOf, regions } = regionsOf(graph, of, count);
  const users = gather(graph.vertices, (put) => {
    for (let at = 0; at < nodes.length; at += 1) {
      const { kind, id } = nodes[at] as NetworkNode;
      if (kind === 'user') put(graph.vertexOf[at] as number, id);
    }
  });
  const isWhole = (segment: number): boolean => regions[segment] === 1;
  const now = regions.some((number) => number > 1) ? fed(graph) : undefined;
  const { above, order } = dominators(graph);
  const walked = regions.reduce((sum, number) => sum + (number > 1 ? graph.vertices : 0), 0);
  if (walked > MOST_WALKED)
    throw new InvalidInput(
      'network',
      'The network has too many checks inside its segments: give it in parts.',
    );
  let named = 0;
  return gather(count, (keep) => {
    const put = (segment: number, user: string): void => {
      named += 1;
      // What is gathered is gathered twice: counted, then put in its place.
      if (named > 2 * MOST_NAMED)
        throw new InvalidInput(
          'network',
          `The segments of this network put out more than ${MOST_NAMED} users between them: give it in parts.`,
        );
      keep(segment, user);
    };
    for (let place = 1; place < order.length; place += 1) {
      const vertex = order[place] as number;
      const dry = users[vertex] as readonly string[];
      if (dry.length === 0) continue;
      // Everything above it on the way from the source takes it along.
      for (let over = vertex; over > 0; over = above[over] as number) {
        const segment = segmentOf[over] as number;
        if (isWhole(segment)) for (const user of dry) put(segment, user);
      }
    }
    if (!now) return;
    for (let segment = 0; segment < count; segment += 1) {
      if (isWhole(segment)) continue;
      const without = fed(graph, (vertex) => segmentOf[vertex] === segment);
      users.forEach((dry, vertex) => {
        if (now[vertex] && !without[vertex]) for (const user of dry) put(segment, user);
      });
    }
  });
}

/** The segment of each region, and how many regions a segment has: more than one where a check lies in it. */
function regionsOf(
  { vertexOf, vertices }: FlowGraph,
  of: Int32Array,
  count: number,
): { segmentOf: Int32Array; regions: Int32Array } {
  const segmentOf = new Int32Array(vertices).fill(-1);
  const regions = new Int32Array(count);
  for (let node = 0; node < of.length; node += 1) {
    const vertex = vertexOf[node] as number;
    if (segmentOf[vertex] !== -1) continue;
    const segment = of[node] as number;
    segmentOf[vertex] = segment;
    regions[segment] = (regions[segment] as number) + 1;
  }
  return { segmentOf, regions };
}

function mostOut(found: readonly Segment[]): string[] {
  return [...found]
    .sort((a, b) => b.outOfService.length - a.outOfService.length || (a.id < b.id ? -1 : 1))
    .slice(0, CRITICAL)
    .map(({ id }) => id);
}
