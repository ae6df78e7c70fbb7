import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { WalkItem } from './walk-item.js';

interface WalkedPipe {
  material: PipeMaterial;
  dn: number;
}

const pipeOf = ({ kind, material, dn }: WalkItem): WalkedPipe | undefined =>
  kind === 'run' && material !== undefined && dn !== undefined ? { material, dn } : undefined;

/**
 * The pipe a valve stands between, as it was walked.
 *
 * @param items      of a walk, in walking order
 * @param positionId of the valve
 * @returns in: the last run before it; out: the first run after it, both on its own stretch; each left out where no run with material and size is
 *
 * @example
 * pipesBeside([run25, valve, run20], 'p').out // { material: 'copper', dn: 20 }
 */
export function pipesBeside(
  items: readonly WalkItem[],
  positionId: string,
): { in?: WalkedPipe; out?: WalkedPipe } {
  const at = items.findIndex((item) => item.positionId === positionId);
  const own = items[at];
  if (!own) return {};
  const before = firstFrom(items, at, -1);
  const after = firstFrom(items, at, 1);
  return { ...(before && { in: before }), ...(after && { out: after }) };
}

/** On the stretch alone: what is indented further is a branch, and where the stretch leaves its tee the pipe is another. */
function firstFrom(items: readonly WalkItem[], at: number, step: 1 | -1): WalkedPipe | undefined {
  const depth = items[at]?.depth ?? 0;
  for (let index = at + step; ; index += step) {
    const item = items[index];
    if (!item || item.depth < depth) return undefined;
    const pipe = item.depth === depth ? pipeOf(item) : undefined;
    if (pipe) return pipe;
  }
}
