import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Verdict,
  houseRuleSettings,
  worstOf,
} from '../duty/index.js';
import { isLiquid } from '../../ground/media/index.js';
import { type Facing, facingOf } from './facing.js';
import { buriedParts, partsBeside } from './beside-parts.js';
import type { Part } from './part.js';
import { type PlaceLimit, placeLimitsOf } from './place-limits.js';
import type { HookUpSide, JoinedSide } from './connection.js';
import type { ConnectionReason } from './connection-rules.js';
import { UNKNOWN_PIPE, wholeReasons } from './whole-reasons.js';
import { judgeConnections } from './judge-connection.js';
import { type ChangeFacts, type ChangeOfValve, changeOfValve } from './change-of-valve.js';
import { byTheOutside, isTube, metricTubeReasons } from './metric-tube.js';
import type { PipeSide } from './raw-connection.js';

export interface HookUp {
  verdict: Verdict;
  /** In and out, as the water goes. */
  sides: JoinedSide[];
  /** What a valve in the ground needs beside. */
  common: Part[];
  /** Everything to bring, alike items counted together. */
  kit: Part[];
  facing: Facing[];
  /** Why the valve cannot be joined here as it is, and what to watch. */
  reasons: ConnectionReason[];
  weakest?: { name: string; allowablePa: number };
  /** What taking the old valve out takes, where one stands there. */
  change?: ChangeOfValve;
}

export interface HookUpCase extends ChangeFacts {
  duty: Duty;
  valve: Candidate;
  /** Where the pipe on a side is not the duty's own. */
  pipes?: Partial<Record<HookUpSide, PipeSide>>;
  /** What the place forbids, beside what the duty says of it. */
  limits?: readonly PlaceLimit[];
  /** A connection asked for by its id. */
  ways?: Partial<Record<HookUpSide, string>>;
  /** Cover over a buried valve, m. */
  coverM?: number;
  /** Copper, stainless and plastic tube is metric here: bought by its outside. */
  metricTube?: boolean | undefined;
  settings?: HouseRuleSettings;
}

/**
 * How a valve joins its pipe: the connections possible on each side with a verdict each, what is taken, the kit, and what must face where.
 *
 * @param of.duty   of the position; its pipe is on both sides unless told otherwise; a side whose pipe is not known is left out
 * @param of.valve  with its two ends, inlet first; a valve without ends joins nothing
 * @param of.pipes  material and nominal size of a side
 * @param of.limits what the place forbids, beside what the duty says
 * @param of.ways   asked for by id
 * @param of.coverM over a buried valve, m
 * @param of.metricTube whether tube is bought by its outside in mm
 * @param of.stop   what shuts the line while the valve that stands there is changed; asked where the duty says one stands there
 * @param of.oldLengthM end to end of the old valve, m; `newLengthM` of the new one
 * @param of.settings  house rules in force
 * @returns verdict: the worse of both sides and of the reasons about the whole
 * Source: usual practice; bolting by the standards named in FLANGE_BOLTING; strengths by the joint tables of pressure-rating.
 *
 * @example
 * hookUp({ duty, valve: { type: 'ball', ends: ['press', 'press'] } }).sides[0].taken.id // 'press', on copper
 */
export function hookUp({
  duty,
  valve,
  pipes = {},
  limits = [],
  ways = {},
  coverM,
  metricTube = false,
  settings = houseRuleSettings(),
  ...facts
}: HookUpCase): HookUp {
  const isWet = duty.existing && facts.stop === 'weeps' && isLiquid(duty.medium);
  const forbidden = [...placeLimitsOf(duty), ...limits, ...(isWet ? (['wet-line'] as const) : [])];
  const context = { duty, valve, limits: new Set(forbidden), settings };
  const ends = valve.ends ?? [];
  const own: PipeSide | undefined = duty.pipe && { material: duty.pipe.material, dn: duty.dn };
  const sides = (['in', 'out'] as const).flatMap((side, at): JoinedSide[] => {
    const end = ends[at];
    const pipe = pipes[side] ?? own;
    if (!end || !pipe) return [];
    const judged = judgeConnections(end, side, { ...context, pipe }).map((connection) =>
      metricTube && isTube(pipe.material)
        ? { ...connection, parts: byTheOutside(connection.parts) }
        : connection,
    );
    const taken =
      judged.find(({ id, verdict }) => id === ways[side] && verdict !== 'out') ??
      judged.find(({ verdict }) => verdict !== 'out');
    return [{ side, pipe, end, ways: judged, ...(taken && { taken }), beside: [] }];
  });
  for (const side of sides) side.beside = partsBeside(duty, valve, side, sides);
  const common = buriedParts(duty, valve, coverM);
  const isUnknown = duty.pipe === undefined && (!pipes.in || !pipes.out);
  const reasons = [
    ...(isUnknown ? [UNKNOWN_PIPE] : []),
    ...(metricTube && sides.some(({ pipe }) => isTube(pipe.material)) ? metricTubeReasons(ends) : []),
    ...wholeReasons(duty, valve, sides, context.limits),
  ];
  const parts = [...sides.flatMap(({ taken, beside }) => [...beside, ...(taken?.parts ?? [])]), ...common];
  const weakest = weakestOf(sides);
  const change = duty.existing ? changeOfValve(duty, sides, facts) : undefined;
  const changed = change?.parts ?? [];
  const isAllTube = metricTube && sides.every(({ pipe }) => isTube(pipe.material));
  return {
    verdict: worstOf([...sides.map(({ taken }) => taken ?? NOT_JOINED), ...reasons]),
    sides,
    common,
    kit: together([...shared(parts, valve), ...(isAllTube ? byTheOutside(changed) : changed)]),
    facing: facingOf(duty, valve),
    reasons,
    ...(weakest && { weakest }),
    ...(change && { change }),
  };
}

/** A side that nothing joins. */
const NOT_JOINED = { verdict: 'out' } as const;

function weakestOf(sides: readonly JoinedSide[]): HookUp['weakest'] {
  const [first, ...rest] = sides.flatMap(({ taken }) => (taken?.weakest ? [taken.weakest] : []));
  return first && rest.reduce((least, one) => (one.allowablePa < least.allowablePa ? one : least), first);
}

/** Through bolts go through both flanges: they are counted once. */
function shared(parts: readonly Part[], { ends }: Candidate): Part[] {
  if (!ends?.every((end) => end === 'wafer')) return [...parts];
  const first = parts.findIndex(({ id }) => id === 'through-bolts');
  return parts.filter(({ id }, at) => id !== 'through-bolts' || at === first);
}

/** What tells two items of a kit apart: everything but how many. */
export const partKey = ({ count: _count, ...what }: Part): string =>
  JSON.stringify(Object.entries(what).sort(([a], [b]) => (a < b ? -1 : 1)));

/** Alike items as one with their sum; what is used up as needed once. */
function together(parts: readonly Part[]): Part[] {
  const kit = new Map<string, Part>();
  for (const part of parts) {
    const key = partKey(part);
    const had = kit.get(key);
    kit.set(key, {
      ...part,
      ...(part.count !== undefined && { count: part.count + (had?.count ?? 0) }),
    });
  }
  return [...kit.values()];
}
