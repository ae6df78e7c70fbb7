import type { NetworkLink } from '../../physics/isolation/index.js';
import { type WalkItem, runBoreM } from './walk-item.js';
import { walkNetwork } from './walk-network.js';

/** A piece of the way from the source: an item of the walk with the bore it has or takes from the run before it. */
export interface PathPiece {
  item: WalkItem;
  lengthM: number;
  diameterM?: number;
  /** Whether it leaves the run it comes from sideways. */
  isBranch: boolean;
}

/** The ways from a line's source, each item's by its id. */
export interface WalkPaths {
  to: (itemId: string) => PathPiece[];
  /** Items without another behind them in the walk's order, fixtures among them. */
  ends: WalkItem[];
}

/**
 * The ways from a line's source to all that was walked, the first found where a loop gives two.
 *
 * @param items in walking order
 *
 * @example
 * walkPaths(items).to('radiator').reduce((sum, { lengthM }) => sum + lengthM, 0) // m from the source
 */
export function walkPaths(items: readonly WalkItem[]): WalkPaths {
  const { links } = walkNetwork(items, () => ({ kind: 'pipe' }));
  const byId = new Map(items.map((item) => [item.id, item]));
  const into = new Map<string, NetworkLink>();
  for (const link of links) if (!into.has(link.to)) into.set(link.to, link);
  const goesOn = new Set(links.map(({ from }) => from));
  const to = (itemId: string): PathPiece[] => {
    const back: WalkItem[] = [];
    const seen = new Set<string>();
    for (let at: string | undefined = itemId; at !== undefined && !seen.has(at);) {
      seen.add(at);
      const link = into.get(at);
      const item = byId.get(link?.id ?? at);
      if (item) back.push(item);
      at = link?.from;
    }
    let diameterM: number | undefined;
    return back.reverse().map((item, index, way): PathPiece => {
      diameterM = (item.kind === 'run' ? runBoreM(item) : undefined) ?? diameterM;
      const before = way[index - 1];
      return {
        item,
        lengthM: item.kind === 'run' ? (item.lengthM ?? 0) : 0,
        isBranch: before !== undefined && item.depth > before.depth,
        ...(diameterM !== undefined && { diameterM }),
      };
    });
  };
  return { to, ends: items.filter(({ id, kind }) => kind !== 'source' && !goesOn.has(id)) };
}
