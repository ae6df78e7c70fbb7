import {
  type Fault,
  type Isolation,
  type Network,
  fedNodes,
  isolate,
} from '../../physics/isolation/index.js';

/** What to close for a burst on a walked line, and what it would take to close less. */
export interface IsolationAnswer extends Isolation {
  /** Of the valves to close, those that hold a source back: what is beyond stays fed. */
  first: string[];
  /** The others: their branches are dry then, and would drain back to the fault. */
  drainBack: string[];
  /** Users that stay fed. */
  staysOn: string[];
  /** The valve whose replacement would keep most users on, and what would then be closed and dry. */
  better?: { valveId: string; first: string[]; outOfService: string[] };
}

/**
 * The isolation answer for an item of a walk.
 *
 * @param network of the walk
 * @param itemId  what burst: a run or valve (its link), a tee or fixture (its node)
 * @returns nothing where the network has no such item
 *
 * @example
 * isolationAnswer(network, 'cafe-run')?.close // ['CW-103']
 * @see isolate
 */
export function isolationAnswer(network: Network, itemId: string): IsolationAnswer | undefined {
  const fault = faultAt(network, itemId);
  if (!fault) return undefined;
  const answer = isolate(network, fault);
  const dry = new Set([...answer.outOfService, ...answer.alreadyDry]);
  const { first, drainBack } = dividedByFeed(network, answer);
  const better = bestReplacement(network, fault, answer);
  return {
    ...answer,
    first,
    drainBack,
    staysOn: network.nodes.flatMap(({ id, kind }) => (kind === 'user' && !dry.has(id) ? [id] : [])).sort(),
    ...(better && { better }),
  };
}

/** What has burst, as the network names it; nothing where it has no such item. */
export function faultAt(network: Network, itemId: string): Fault | undefined {
  const node = network.nodes.find(({ id }) => id === itemId);
  const link = network.links.find(({ id }) => id === itemId);
  if (!node && !link) return undefined;
  const isPlace = node && (node.kind === 'user' || node.kind === 'source' || !link);
  return isPlace ? { node: itemId } : { link: itemId };
}

/** Which of the valves to close have water beyond them once all are closed. */
function dividedByFeed(
  network: Network,
  { close, segment }: Isolation,
): { first: string[]; drainBack: string[] } {
  const shut = new Set(close);
  const cut = new Set(segment.nodes);
  const links = network.links.map((link) =>
    shut.has(link.id) ? { ...link, state: 'closed' as const } : link,
  );
  const isFed = fedNodes({ ...network, links });
  const holdsBack = new Set(
    network.links.flatMap(({ id, from, to }) =>
      shut.has(id) && isFed.has(cut.has(from) ? to : from) ? [id] : [],
    ),
  );
  return {
    first: close.filter((id) => holdsBack.has(id)),
    drainBack: close.filter((id) => !holdsBack.has(id)),
  };
}

/** Tries each valve that could not be relied on as if it were new. */
function bestReplacement(network: Network, fault: Fault, now: Isolation): IsolationAnswer['better'] {
  let best: IsolationAnswer['better'];
  let least = now;
  for (const { valveId } of now.notUsed) {
    const links = network.links.map((link) =>
      link.id === valveId ? { ...link, state: 'works' as const } : link,
    );
    const then = isolate({ ...network, links }, fault);
    if (!isLess(then, least)) continue;
    least = then;
    best = {
      valveId,
      first: dividedByFeed({ ...network, links }, then).first,
      outOfService: then.outOfService,
    };
  }
  return best;
}

/** Possible at all goes first, then fewer users dry. */
function isLess(a: Isolation, b: Isolation): boolean {
  if (a.impossible !== b.impossible) return b.impossible;
  return a.outOfService.length < b.outOfService.length;
}
