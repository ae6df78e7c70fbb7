import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  VERDICTS,
  VERDICT_RANK,
  type Verdict,
  houseRuleSettings,
  worstOf,
} from '../duty/index.js';
import type { Reason } from '../selection/index.js';
import { type MarginFact, MARGIN_FACT_TABLE, marginFactsOf } from './margin-facts.js';
import { factOf, withFact } from './read-facts.js';
import { type SaidByRule, analyse, reasonsOf } from './said-by-rule.js';

/** Where a verdict ends as one fact moves. */
export interface Edge {
  fact: MarginFact;
  direction: 'up' | 'down';
  /** Of the fact, SI. */
  value: number;
  /** What it becomes beyond. */
  verdict: Verdict;
  /** The rule that makes it so; for the better the rule that falls silent. */
  rule: string;
}

export interface Margins {
  index: number;
  verdict: Verdict;
  edges: Edge[];
}

/** Share of the value, and of the range, to which an edge is found: well inside what is promised. */
const FOUND_TO = 2e-4;
const FOUND_TO_RANGE = 2e-5;
/** Steps outward: each a share of the value more, and never farther apart than this share of the range. */
const RATIO = 1.18;
const LINEAR_STEPS = 30;
/** The smallest step, as a part of the widest. */
const FINEST = 200;
/** Slow rules are asked at every so many steps first, where what they say moves one way with the fact. */
const SPARSE = 6;

const isSparse = ({ rule }: SaidByRule, fact: MarginFact): boolean =>
  rule.slow !== undefined && !rule.slow.twoWays.includes(fact);

/** How bad the worst of some reasons is, as a step of the stairs. */
const levelOf = (reasons: readonly Reason[]): number => VERDICT_RANK[worstOf(reasons)];
const OUT = VERDICT_RANK.out;

/**
 * Until when each candidate’s verdict holds: for each fact, up and down, the nearest value at which it changes.
 *
 * @param duty       as the position gives it
 * @param candidates valves
 * @param settings   house rules in force
 * @param facts      to be looked at; all the duty gives unless said otherwise
 * @returns one a candidate, in the order given; a fact without an edge in its range has no entry
 * Source: the rules themselves, asked again at other values; no formula of its own.
 *
 * @example
 * margins(duty, [{ type: 'ball', ratingId: 'body-brass-600cwp' }])[0].edges[0] // { fact: 'pressurePa', direction: 'up', value: 3309483, verdict: 'care', rule: 'rating' }
 */
export function margins(
  duty: Duty,
  candidates: readonly Candidate[],
  settings: HouseRuleSettings = houseRuleSettings(),
  facts: readonly MarginFact[] = marginFactsOf(duty),
): Margins[] {
  const walks = facts.flatMap((fact) =>
    (['up', 'down'] as const).map((direction) => outward(duty, fact, direction)),
  );
  return analyse(duty, candidates, settings).map(({ valve, said }, index) => {
    const reasons = said.flatMap((one) => one.reasons);
    const level = levelOf(reasons);
    return {
      index,
      verdict: VERDICTS[level] as Verdict,
      edges: walks.flatMap((walk) => edgeOn(walk, { valve, said, level, settings }) ?? []),
    };
  });
}

/** Values of a fact from the duty’s outward, each with its duty, shared by all candidates. */
interface Outward {
  fact: MarginFact;
  direction: 'up' | 'down';
  values: readonly number[];
  at: (value: number) => Duty;
  isClose: (one: number, other: number) => boolean;
}

function outward(duty: Duty, fact: MarginFact, direction: 'up' | 'down'): Outward {
  const { range, isFine } = MARGIN_FACT_TABLE[fact];
  const [least, most] = range(duty);
  const from = factOf(duty, fact) as number;
  const end = direction === 'up' ? most : least;
  // From beyond the range there is nowhere to go outward.
  const isBeyond = direction === 'up' ? from >= end : from <= end;
  const duties = new Map<number, Duty>([[from, duty]]);
  const wide = isFine ? 0 : (most - least) * FOUND_TO_RANGE;
  return {
    fact,
    direction,
    values: isBeyond ? [from] : steps(from, end, (most - least) / LINEAR_STEPS),
    at: (value) => {
      let one = duties.get(value);
      if (!one) duties.set(value, (one = withFact(duty, fact, value)));
      return one;
    },
    isClose: (one, other) =>
      Math.abs(one - other) <= Math.max(wide, FOUND_TO * Math.min(Math.abs(one), Math.abs(other))),
  };
}

/** Values from one to the end of a range: close where they are small, and never farther apart than a share of the range. */
function steps(from: number, to: number, linear: number): number[] {
  const share = to > from ? RATIO - 1 : 1 - 1 / RATIO;
  const values = [from];
  for (let value = from; value !== to;) {
    const step = Math.min(Math.max(Math.abs(value) * share, linear / FINEST), linear);
    value = to > from ? Math.min(to, value + step) : Math.max(to, value - step);
    values.push(value);
  }
  return values;
}

interface Looked {
  valve: Candidate;
  said: readonly SaidByRule[];
  level: number;
  settings: HouseRuleSettings;
}

function edgeOn(walk: Outward, { valve, said, level, settings }: Looked): Edge | undefined {
  const moved = said.filter(({ reads }) => reads.has(walk.fact));
  if (moved.length === 0 || walk.values.length < 2) return undefined;
  const still = levelOf(said.flatMap(({ reads, reasons }) => (reads.has(walk.fact) ? [] : reasons)));
  if (still === OUT) return undefined;
  const levelWith = (rules: readonly SaidByRule[]) => (value: number) => {
    let worst = still;
    for (const { rule } of rules) {
      if (worst === OUT) break;
      worst = Math.max(worst, levelOf(reasonsOf(rule, walk.at(value), valve, settings)));
    }
    return worst;
  };
  const staircases = [
    stairs(walk, levelWith(moved.filter((one) => !isSparse(one, walk.fact))), 1),
    stairs(walk, levelWith(moved.filter((one) => isSparse(one, walk.fact))), SPARSE),
  ];
  const change = firstChange(staircases, walk.direction, still, level);
  if (!change) return undefined;
  const { inside, outside, to } = change;
  const reasons = moved.flatMap(({ rule }) => reasonsOf(rule, walk.at(outside), valve, settings));
  return {
    fact: walk.fact,
    direction: walk.direction,
    value: (inside + outside) / 2,
    verdict: VERDICTS[to] as Verdict,
    rule: to > level ? firstOf(reasons, to) : fallenSilent(moved, reasons, level),
  };
}

const firstOf = (reasons: readonly Reason[], level: number): string =>
  reasons.find(({ verdict }) => verdict === VERDICTS[level])?.rule ?? '';

function fallenSilent(moved: readonly SaidByRule[], beyond: readonly Reason[], level: number): string {
  const before = moved.flatMap(({ reasons }) => reasons).filter(({ verdict }) => verdict === VERDICTS[level]);
  const gone = before.find(({ rule, verdict }) =>
    beyond.every((one) => one.rule !== rule || one.verdict !== verdict),
  );
  return (gone ?? before[0])?.rule ?? '';
}

interface Step {
  inside: number;
  outside: number;
  level: number;
}

/** Each change of a level on the way outward, halved down to where it is. */
function* stairs(walk: Outward, levelAt: (value: number) => number, every: number): Generator<Step> {
  const { values, isClose } = walk;
  let before = values[0] ?? 0;
  let level = levelAt(before);
  yield { inside: before, outside: before, level };
  for (let at = 1; at < values.length; at += 1) {
    if (at % every !== 0 && at !== values.length - 1) continue;
    const value = values[at] ?? before;
    const next = levelAt(value);
    // More than one change may lie between two values.
    while (level !== next) {
      let [inside, outside, reached] = [before, value, next];
      while (!isClose(inside, outside)) {
        const middle = (inside + outside) / 2;
        if (middle === inside || middle === outside) break;
        const there = levelAt(middle);
        if (there === level) inside = middle;
        else [outside, reached] = [middle, there];
      }
      yield { inside, outside, level: reached };
      [before, level] = [outside, reached];
    }
    before = value;
  }
}

/** The nearest place where the worst of several staircases differs from what it is at the duty. */
function firstChange(
  all: readonly Generator<Step>[],
  direction: 'up' | 'down',
  still: number,
  level: number,
): { inside: number; outside: number; to: number } | undefined {
  const levels = all.map((steps) => (steps.next().value as Step | undefined)?.level ?? still);
  const waiting = all.map((steps) => steps.next());
  for (;;) {
    let nearest: number | undefined;
    waiting.forEach(({ done, value }, at) => {
      if (done || !value) return;
      const best = nearest === undefined ? undefined : waiting[nearest]?.value;
      if (!best || (direction === 'up' ? value.outside < best.outside : value.outside > best.outside))
        nearest = at;
    });
    const step = nearest === undefined ? undefined : waiting[nearest]?.value;
    if (nearest === undefined || !step) return undefined;
    levels[nearest] = step.level;
    const to = Math.max(still, ...levels);
    if (to !== level) return { inside: step.inside, outside: step.outside, to };
    waiting[nearest] = (all[nearest] as Generator<Step>).next();
  }
}
