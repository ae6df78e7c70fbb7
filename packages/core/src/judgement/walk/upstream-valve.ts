import type { Network } from '../../physics/isolation/index.js';

/**
 * The next valve against the water that can be relied on.
 *
 * @param network of a walk
 * @param itemId  where one stands
 * @returns its id; undefined where there is none up to the source
 *
 * @example
 * upstreamValve(network, 'cafe-gate') // 'building-shut-off'
 */
export function upstreamValve(network: Network, itemId: string): string | undefined {
  const into = new Map(network.links.map((link) => [link.to, link]));
  const seen = new Set<string>();
  for (let at = into.get(itemId)?.from; at !== undefined && !seen.has(at); at = into.get(at)?.from) {
    seen.add(at);
    const link = into.get(at);
    if (link?.kind === 'valve' && (link.state ?? 'works') === 'works') return link.id;
  }
  return undefined;
}
