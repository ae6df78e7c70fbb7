import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Verdict,
  houseRuleSettings,
} from '../duty/index.js';
import { type Facing, facingOf } from './facing.js';
import { buriedParts, partsBeside } from './beside-parts.js';
import type { Part } from './part.js';
import { type PlaceLimit, placeLimitsOf } from './place-limits.js';
import type { HookUpSide, JoinedSide } from './connection.js';
import type { ConnectionReason } from './connection-rules.js';
import { judgeConnections, reasonsVerdict, worstVerdict } from './judge-connection.js';
import { isDrilled } from './flanged-connections.js';
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
}

export interface HookUpCase {
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
  settings = houseRuleSettings(),
}: HookUpCase): HookUp {
  const context = { duty, valve, limits: new Set([...placeLimitsOf(duty), ...limits]), settings };
  const ends = valve.ends ?? [];
  const own: PipeSide | undefined = duty.pipe && { material: duty.pipe.material, dn: duty.dn };
  const sides = (['in', 'out'] as const).flatMap((side, at): JoinedSide[] => {
    const end = ends[at];
    const pipe = pipes[side] ?? own;
    if (!end || !pipe) return [];
    const judged = judgeConnections(end, side, { ...context, pipe });
    const taken =
      judged.find(({ id, verdict }) => id === ways[side] && verdict !== 'out') ??
      judged.find(({ verdict }) => verdict !== 'out');
    return [{ side, pipe, end, ways: judged, ...(taken && { taken }), beside: [] }];
  });
  for (const side of sides) side.beside = partsBeside(duty, valve, side, sides);
  const common = buriedParts(duty, valve, coverM);
  const isUnknown = duty.pipe === undefined && (!pipes.in || !pipes.out);
  const reasons = [...(isUnknown ? [UNKNOWN_PIPE] : []), ...wholeReasons(duty, valve, sides, context.limits)];
  const parts = [...sides.flatMap(({ taken, beside }) => [...beside, ...(taken?.parts ?? [])]), ...common];
  const weakest = weakestOf(sides);
  return {
    verdict: worstVerdict([...sides.map(({ taken }) => taken?.verdict ?? 'out'), reasonsVerdict(reasons)]),
    sides,
    common,
    kit: together(shared(parts, valve)),
    facing: facingOf(duty, valve),
    reasons,
    ...(weakest && { weakest }),
  };
}

function weakestOf(sides: readonly JoinedSide[]): HookUp['weakest'] {
  const [first, ...rest] = sides.flatMap(({ taken }) => (taken?.weakest ? [taken.weakest] : []));
  return first && rest.reduce((least, one) => (one.allowablePa < least.allowablePa ? one : least), first);
}

const UNKNOWN_PIPE: ConnectionReason = {
  rule: 'unknown-pipe',
  verdict: 'care',
  text: 'Which pipe is it? The joints, the adapters and the parts depend on its material.',
};

function wholeReasons(
  duty: Duty,
  valve: Candidate,
  sides: readonly JoinedSide[],
  limits: ReadonlySet<PlaceLimit>,
): ConnectionReason[] {
  const ends = valve.ends ?? [];
  const reasons: ConnectionReason[] = [];
  if (ends.length < 2)
    reasons.push({
      rule: 'unknown-ends',
      verdict: 'care',
      text: 'Its ends are not known: read them from the tag, or ask the supplier.',
    });
  if (ends.includes('wafer') && duty.endOfLine)
    reasons.push({
      rule: 'wafer-end',
      verdict: 'out',
      text: 'A wafer valve is held by both flanges: with the downstream pipe removed, nothing holds it.',
    });
  if (ends.includes('lug') && duty.endOfLine)
    reasons.push({
      rule: 'lug-end',
      verdict: 'care',
      text: 'At the end of a line use only a lug valve rated for it, with its own cap screws on the side that stays.',
    });
  if (limits.has('closed-wall') && sides.some(({ beside }) => beside.some(({ id }) => id.endsWith('union'))))
    reasons.push({
      rule: 'union-closed-up',
      verdict: 'care',
      text: 'A union must stay accessible: leave a panel.',
    });
  const rigid = sides.filter(({ taken }) =>
    taken?.joints.some((id) => id === 'mechanical' || id === 'push-on'),
  );
  if (rigid.length > 0)
    reasons.push({
      rule: 'restraint',
      verdict: 'advice',
      text: 'A push-on or mechanical joint slides apart under pressure: restrain it as far back as the designer of the line requires.',
    });
  if (ends.some((end) => !isDrilled(end, duty.dn)))
    reasons.push({
      rule: 'bolts-unknown',
      verdict: 'care',
      text: 'There is no bolt table for this size: take the bolts from the flange standard.',
    });
  return reasons;
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
