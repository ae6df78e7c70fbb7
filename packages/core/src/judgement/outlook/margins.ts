import type { Candidate, Duty, HouseRuleSettings, Verdict } from '../duty/index.js';
import { houseRuleSettings } from '../duty/index.js';
import type { Reason } from '../selection/index.js';
import { type MarginFact, MARGIN_FACT_TABLE, marginFactsOf } from './margin-facts.js';
import { factOf, withFact } from './read-facts.js';
import { type SaidByRule, VERDICTS, analyse, levelOf, reasonsOf } from './said-by-rule.js';

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
/** Rules that simulate or try every connection are asked at every so many steps first, where what they say moves one way with a fact. */
const SPARSE = 6;
const COSTLY: ReadonlySet<string> = new Set(['slam-shut', 'pump-control-ball', 'ends-pipe']);
/** Between the standing pressure and the limit hammer is judged, beyond them the rating: what it says of these does not move one way. */
const TWO_WAYS: readonly MarginFact[] = ['pressurePa', 'surgeLimitPa'];

const isSparse = ({ rule }: SaidByRule, fact: MarginFact): boolean =>
  COSTLY.has(rule.id) && (rule.id === 'ends-pipe' || !TWO_WAYS.includes(fact));

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
  const duties = new Map<number, Duty>([[from, duty]]);
  const wide = isFine ? 0 : (most - least) * FOUND_TO_RANGE;
  return {
    fact,
    direction,
    values: direction === 'up' ? upward(from, least, most) : downward(from, least, most),
    at: (value) => {
      let one = duties.get(value);
      if (!one) duties.set(value, (one = withFact(duty, fact, value)));
      return one;
    },
    isClose: (one, other) =>
      Math.abs(one - other) <= Math.max(wide, FOUND_TO * Math.min(Math.abs(one), Math.abs(other))),
  };
}

function upward(from: number, least: number, most: number): number[] {
  const linear = (most - least) / LINEAR_STEPS;
  const values = [from];
  let value = from;
  while (value < most) {
    const step = Math.max(Math.abs(value) * (RATIO - 1), linear / 200);
    value = Math.min(most, value + Math.min(step, linear));
    values.push(value);
  }
  return values;
}

function downward(from: number, least: number, most: number): number[] {
  const linear = (most - least) / LINEAR_STEPS;
  const values = [from];
  let value = from;
  while (value > least) {
    const step = Math.max(Math.abs(value) * (1 - 1 / RATIO), linear / 200);
    value = Math.max(least, value - Math.min(step, linear));
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
  const still = levelOf(said.flatMap((one) => (moved.includes(one) ? [] : one.reasons)));
  if (still === 2) return undefined;
  const levelWith = (rules: readonly SaidByRule[]) => (value: number) => {
    let worst = still;
    for (const { rule } of rules) {
      if (worst === 2) break;
      worst = Math.max(worst, levelOf(reasonsOf(rule, walk.at(value), valve, settings)));
    }
    return worst;
  };
  const plain = moved.filter((one) => !isSparse(one, walk.fact));
  const costly = moved.filter((one) => isSparse(one, walk.fact));
  const steps = [
    stairs(walk, levelWith(plain), 1),
    ...(costly.length > 0 ? [stairs(walk, levelWith(costly), SPARSE)] : []),
  ];
  const change = firstChange(steps, walk.direction, still, level);
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
