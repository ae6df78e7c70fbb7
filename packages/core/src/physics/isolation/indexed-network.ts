import type { Network, NetworkLink, ValveState } from './network.js';

/** States of a valve that is open and cannot be relied on to shut. */
const UNRELIABLE: ReadonlySet<ValveState> = new Set(['stuck-open', 'leaks-by', 'do-not-touch']);
const SHUT: ReadonlySet<ValveState> = new Set(['closed', 'stuck-closed']);

/** What a link does to water, and to a search for what can be shut off. */
export const WAY = {
  /** Pipe, or an open valve nobody can rely on: water passes both ways, and so does the search. */
  open: 0,
  /** Water passes from `from` to `to` only; the search both ways, since a check is no shut-off. */
  check: 1,
  /** A valve that works and is open. */
  works: 2,
  /** A valve that is shut, or stuck so. */
  shut: 3,
} as const;

/** A network by numbers: nodes and links as their places in the lists. */
export interface IndexedNetwork {
  network: Network;
  nodeAt: ReadonlyMap<string, number>;
  from: Int32Array;
  to: Int32Array;
  way: Uint8Array;
}

/** Turns ids into places, once for all that is asked of a network. */
export function indexNetwork(network: Network): IndexedNetwork {
  const { nodes, links } = network;
  const nodeAt = new Map<string, number>();
  for (let at = 0; at < nodes.length; at += 1) nodeAt.set((nodes[at] as { id: string }).id, at);
  const from = new Int32Array(links.length);
  const to = new Int32Array(links.length);
  const way = new Uint8Array(links.length);
  for (let at = 0; at < links.length; at += 1) {
    const link = links[at] as NetworkLink;
    from[at] = nodeAt.get(link.from) ?? 0;
    to[at] = nodeAt.get(link.to) ?? 0;
    way[at] = wayOf(link);
  }
  return { network, nodeAt, from, to, way };
}

/** A valve that is open and not relied on. */
export const isUnreliable = ({ kind, state }: NetworkLink): boolean =>
  kind === 'valve' && state !== undefined && UNRELIABLE.has(state);

function wayOf({ kind, state }: NetworkLink): number {
  if (kind === 'pipe') return WAY.open;
  if (kind === 'check') return WAY.check;
  if (state === undefined || state === 'works') return WAY.works;
  return SHUT.has(state) ? WAY.shut : WAY.open;
}
