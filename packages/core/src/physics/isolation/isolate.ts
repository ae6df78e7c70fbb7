import { type FlowGraph, fed, flowGraph } from './flow-graph.js';
import { groups } from './groups.js';
import { type IndexedNetwork, WAY, indexNetwork, isUnreliable } from './indexed-network.js';
import type { Network, ValveState } from './network.js';

/** Where it bursts: a link or a node of the network. */
export type Fault = { link: string } | { node: string };

export interface Isolation {
  /** Valves to close, by id. */
  close: string[];
  /** What is cut off together with the fault. */
  segment: { nodes: string[]; links: string[] };
  /** Users that were fed and no longer are. */
  outOfService: string[];
  /** Users that nothing feeds as it is. */
  alreadyDry: string[];
  /** Water in the pipes of the segment. */
  drainM3: number;
  /** Whether a source feeds the fault with no valve between that works. */
  impossible: boolean;
  /** Valves met that could not be relied on, each with what it was last known to do. */
  notUsed: { valveId: string; why: ValveState }[];
}

/**
 * What to close for a burst, and what that costs.
 *
 * @param network nodes and links; a valve works unless its state says otherwise
 * @param fault   an id that the network has
 * @returns lists sorted by id
 * The segment is all that is reached from the fault without passing a valve that works; a check is no shut-off. To close are the working
 * valves on its edge whose other side is wet now, since a dead branch drains back.
 *
 * @example
 * isolate({ nodes: [source, user], links: [{ id: 'v', kind: 'valve', from: 'source', to: 'user' }] }, { node: 'user' }).close // ['v']
 * @see segments
 */
export function isolate(network: Network, fault: Fault): Isolation {
  const indexed = indexNetwork(network);
  const { from, to, way } = indexed;
  const isCut = cutOff(indexed, fault);
  const cut = (ids: readonly { id: string }[], is: (at: number) => boolean): string[] =>
    ids.flatMap(({ id }, at) => (is(at) ? [id] : [])).sort();
  const onSide = (link: number, end: Int32Array): boolean => isCut(end[link] as number);
  const inside = (link: number): boolean => onSide(link, from) && onSide(link, to);

  const graph = flowGraph(indexed);
  const now = feeds(graph, fed(graph));
  const after = feeds(graph, fed(graph, lostOf(graph, isCut)));
  const isUser = (at: number): boolean => network.nodes[at]?.kind === 'user';

  return {
    close: cut(network.links, (link) => {
      if (way[link] !== WAY.works || onSide(link, from) === onSide(link, to)) return false;
      return now((onSide(link, from) ? to[link] : from[link]) as number);
    }),
    segment: { nodes: cut(network.nodes, isCut), links: cut(network.links, inside) },
    outOfService: cut(network.nodes, (at) => isUser(at) && now(at) && !after(at)),
    alreadyDry: cut(network.nodes, (at) => isUser(at) && !now(at)),
    drainM3: network.links.reduce((sum, link, at) => (inside(at) ? sum + pipeVolumeM3(link) : sum), 0),
    impossible: network.nodes.some(({ kind }, at) => kind === 'source' && isCut(at)),
    notUsed: network.links
      .filter((link, at) => isUnreliable(link) && inside(at))
      .map(({ id, state }) => ({ valveId: id, why: state ?? 'works' }))
      .sort((a, b) => (a.valveId < b.valveId ? -1 : 1)),
  };
}

/** Whether a node is reached from the fault without passing a working or shut valve. A valve that bursts itself holds nothing. */
function cutOff({ network, nodeAt, from, to, way }: IndexedNetwork, fault: Fault): (node: number) => boolean {
  const burst = 'link' in fault ? network.links.findIndex(({ id }) => id === fault.link) : -1;
  const start = 'node' in fault ? nodeAt.get(fault.node) : from[burst];
  if (start === undefined) throw new RangeError('The network has no node or link with that id.');
  const { of } = groups(
    network.nodes.length,
    from,
    to,
    (link) => way[link] === WAY.open || way[link] === WAY.check || link === burst,
  );
  return (node) => of[node] === of[start];
}

/** A region with a node in the segment lies in it whole: nothing but open pipe is within a region. */
function lostOf(
  { vertexOf, vertices }: FlowGraph,
  isCut: (node: number) => boolean,
): (vertex: number) => boolean {
  const lost = new Uint8Array(vertices);
  vertexOf.forEach((vertex, node) => {
    if (isCut(node)) lost[vertex] = 1;
  });
  return (vertex) => lost[vertex] === 1;
}

const feeds =
  ({ vertexOf }: FlowGraph, reached: Uint8Array): ((node: number) => boolean) =>
  (node) =>
    reached[vertexOf[node] as number] === 1;

function pipeVolumeM3({ kind, lengthM = 0, diameterM = 0 }: Network['links'][number]): number {
  return kind === 'pipe' ? (Math.PI / 4) * diameterM ** 2 * lengthM : 0;
}
