import type {
  LinkKind,
  Network,
  NetworkLink,
  NetworkNode,
  ValveState,
} from '../../physics/isolation/index.js';
import { type WalkItem, runBoreM } from './walk-item.js';

/** What a valve of the walk is in the network. */
export type LinkAt = (positionId: string | undefined) => { kind: LinkKind; state?: ValveState };

/**
 * The network a walk describes: each item follows the one before it; indented, it branches off what it stands under. An item's node, and the
 * link that leads to it, carry its id.
 *
 * @param items  in walking order; the first is where the water comes from
 * @param linkAt what a position is: valve with its state, check, or mere pipe
 *
 * @example
 * walkNetwork([{ id: 's', kind: 'source', depth: 0 }, { id: 'r', kind: 'run', depth: 0, lengthM: 3 }], () => ({ kind: 'valve' })).links
 * // [{ id: 'r', from: 's', to: 'r', kind: 'pipe', lengthM: 3 }]
 */
export function walkNetwork(items: readonly WalkItem[], linkAt: LinkAt): Network {
  const nodes: NetworkNode[] = [];
  const links: NetworkLink[] = [];
  const known = new Set(items.filter(({ kind, endsAt }) => kind !== 'run' || !endsAt).map(({ id }) => id));
  /** Where each depth goes on from. */
  const ends: (string | undefined)[] = [];

  for (const item of items) {
    const { id, kind } = item;
    const depth = Math.min(item.depth, ends.length);
    const from = ends[depth] ?? ends[depth - 1];
    ends.length = depth + 1;
    const joins =
      kind === 'run' && item.endsAt !== undefined && known.has(item.endsAt) ? item.endsAt : undefined;
    if (joins === undefined)
      nodes.push({ id, kind: kind === 'source' ? 'source' : kind === 'fixture' ? 'user' : 'junction' });
    // A fixture is the end of its own stub: the line goes on beside it.
    ends[depth] = kind === 'fixture' ? (from ?? id) : (joins ?? id);
    if (kind === 'source' || from === undefined) continue;
    const ofValve = kind === 'valve' ? linkAt(item.positionId) : undefined;
    links.push({
      id,
      from,
      to: joins ?? id,
      kind: ofValve?.kind ?? 'pipe',
      ...(ofValve?.kind === 'valve' && { state: ofValve.state ?? 'works' }),
      ...pipeOf(item),
    });
  }
  return { nodes, links };
}

function pipeOf(item: WalkItem): Pick<NetworkLink, 'lengthM' | 'diameterM'> {
  if (item.kind !== 'run') return {};
  const diameterM = runBoreM(item);
  return {
    ...(item.lengthM !== undefined && { lengthM: item.lengthM }),
    ...(diameterM !== undefined && { diameterM }),
  };
}
