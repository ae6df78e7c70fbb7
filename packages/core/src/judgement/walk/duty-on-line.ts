import { type FactOrigin, LINE_FACTS, type LineFacts, type PositionDuty } from '../duty/index.js';
import { pipesBeside } from './pipes-beside.js';
import type { WalkItem } from './walk-item.js';
import { walkPaths } from './walk-paths.js';
import { weakestOnLine } from './weakest-on-line.js';

const RUN = 'pipe.lengthUpstreamM';

/**
 * The duties of a line’s positions: what each does not say itself it takes over from its line, and its pipe from the walk.
 *
 * @param items of the line’s walk
 * @param facts of the line
 * @returns gives the duty of a position with the origin of each fact that is not its own
 *
 * @example
 * dutyOnLine([source, run, valve], { pressurePa: 5e5 })({ function: 'isolate', dn: 20 }, 'p').origins // { pressurePa: 'line', pipe: 'walk', ... }
 */
export function dutyOnLine(
  items: readonly WalkItem[],
  facts: LineFacts = {},
): (stored: PositionDuty, positionId: string) => PositionDuty {
  const paths = walkPaths(items);
  const weakestOf = weakestOnLine(items);
  const itemOf = new Map(items.map((item) => [item.positionId, item]));
  return (stored, positionId) => {
    const duty: PositionDuty = { ...stored };
    const origins: Partial<Record<string, FactOrigin>> = {};
    for (const fact of LINE_FACTS)
      if (duty[fact] === undefined && facts[fact] !== undefined) {
        Object.assign(duty, { [fact]: facts[fact] });
        origins[fact] = 'line';
      }
    const lineLimitPa = weakestOf(positionId);
    if (lineLimitPa !== undefined) {
      duty.lineLimitPa = lineLimitPa;
      origins.lineLimitPa = 'walk';
    }
    const item = itemOf.get(positionId);
    const material = duty.pipe?.material ?? pipesBeside(items, positionId).in?.material;
    if (item && material) {
      if (!duty.pipe) origins.pipe = 'walk';
      const lengthM = duty.pipe?.lengthUpstreamM === undefined ? runTo(paths, item.id) : undefined;
      if (lengthM !== undefined) origins[RUN] = 'walk';
      duty.pipe = { ...duty.pipe, material, ...(lengthM !== undefined && { lengthUpstreamM: lengthM }) };
    }
    return Object.keys(origins).length === 0 ? duty : { ...duty, origins: { ...stored.origins, ...origins } };
  };
}

/** The pipe back to the source, m; undefined where a run on the way has no length. */
function runTo(paths: ReturnType<typeof walkPaths>, itemId: string): number | undefined {
  const runs = paths.to(itemId).filter(({ item }) => item.kind === 'run');
  if (runs.length === 0 || runs.some(({ item }) => item.lengthM === undefined)) return undefined;
  return runs.reduce((sum, { lengthM }) => sum + lengthM, 0);
}

/**
 * What of a duty is a position’s own: facts from the walk and the line are left with them.
 *
 * @example
 * ownDuty({ function: 'isolate', dn: 20, pressurePa: 5e5, origins: { pressurePa: 'line' } }) // { function: 'isolate', dn: 20 }
 */
export function ownDuty({ origins = {}, ...duty }: PositionDuty): PositionDuty {
  const isOwn = (fact: string): boolean => origins[fact] !== 'walk' && origins[fact] !== 'line';
  // Function and size are always a position’s own, so that what is left is a duty.
  const own = Object.fromEntries(
    Object.entries(duty).filter(([fact]) => isOwn(fact)),
  ) as unknown as PositionDuty;
  const { pipe } = duty;
  if (pipe && isOwn(RUN) && pipe.lengthUpstreamM !== undefined) own.pipe = pipe;
  else if (own.pipe) {
    const { lengthUpstreamM: _walked, ...rest } = own.pipe;
    own.pipe = isOwn(RUN) ? own.pipe : rest;
  }
  const kept = Object.entries(origins).filter(([fact]) => isOwn(fact));
  return { ...own, ...(kept.length > 0 && { origins: Object.fromEntries(kept) }) };
}
