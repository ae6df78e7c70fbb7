import { isSupplyStop } from '../../ground/valves/index.js';
import { RATING_TABLES } from '../../physics/rating/index.js';
import type { WalkItem } from './walk-item.js';

const STOP_PA = RATING_TABLES['body-stop-125'].points[0].pressurePa;
const HOSE_PA = RATING_TABLES['joint-male-hose'].points[0].pressurePa;

/** What a walked part carries where its kind alone says so, Pa gauge: a supply stop, the hoses of a washer. */
function partLimitPa({ kind, type, fixture }: WalkItem): number {
  if (kind === 'valve' && type !== undefined && isSupplyStop(type)) return STOP_PA;
  return kind === 'fixture' && fixture === 'clothes-washer' ? HOSE_PA : Infinity;
}

/**
 * What the weakest walked part carries that a closing valve’s wave runs into: everything but what hangs on the valve itself.
 *
 * @param items of a walk, in walking order
 * @returns gives the limit for a position, Pa gauge; undefined where no such part was walked
 * Source: ASME A112.18.1 for stops; garden hose thread with washer for hoses.
 *
 * @example
 * weakestOnLine([source, main, tee, branch, stop])('main') // 861845
 */
export function weakestOnLine(items: readonly WalkItem[]): (positionId: string) => number | undefined {
  const limits = items.map(partLimitPa);
  const before = runningLeast(limits);
  const after = runningLeast([...limits].reverse()).reverse();
  const ends = stretchEnds(items);
  const placeOf = new Map(items.map(({ positionId }, at) => [positionId, at]));
  return (positionId) => {
    const at = placeOf.get(positionId);
    if (at === undefined) return undefined;
    const end = ends[at] ?? items.length;
    const least = Math.min(before[at - 1] ?? Infinity, after[end] ?? Infinity);
    return Number.isFinite(least) ? least : undefined;
  };
}

/** The least of all values up to each place. */
function runningLeast(values: readonly number[]): number[] {
  let least = Infinity;
  return values.map((value) => (least = Math.min(least, value)));
}

/** Where the stretch of each item ends, with all its branches: the first item after it that is indented less. */
function stretchEnds(items: readonly WalkItem[]): number[] {
  const ends = items.map(() => items.length);
  const open: number[] = [];
  items.forEach(({ depth }, at) => {
    for (
      let last = open.at(-1);
      last !== undefined && (items[last]?.depth ?? 0) > depth;
      last = open.at(-1)
    ) {
      ends[last] = at;
      open.pop();
    }
    open.push(at);
  });
  return ends;
}
