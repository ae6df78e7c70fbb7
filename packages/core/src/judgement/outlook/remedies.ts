import {
  APPROVALS,
  BODY_MATERIALS,
  ENDS,
  OPERATORS,
  PORTS,
  SEAT_MATERIALS,
  STEMS,
} from '../../ground/valves/index.js';
import {
  type Candidate,
  type Duty,
  HOUSE_RULES,
  type HouseRuleSettings,
  ORIENTATIONS,
  VERDICT_RANK,
  type Verdict,
  houseRuleSettings,
} from '../duty/index.js';
import { type Judged, judgeCandidate, judging } from '../selection/index.js';
import { MARGIN_FACT_TABLE } from './margin-facts.js';

/** A single change that lifts a verdict. */
export interface Remedy {
  of: 'candidate' | 'duty' | 'house-rule';
  field: string;
  /** The id, number or flag it is set to; for `ends` both of them; for `approvals` the one added. */
  to: string | number | boolean | readonly string[];
  verdict: Verdict;
  /** Rules that held something against it, or advised, and fall silent. */
  rules: string[];
}

export interface Remedies {
  verdict: Verdict;
  remedies: Remedy[];
}

const OF = ['candidate', 'duty', 'house-rule'] as const;
const PIECES = [1, 2, 3] as const;
const CLOSE_TIMES_S = [0.5, 1, 5, 30] as const;
/** A figure is found to this share of itself. */
const FOUND_TO = 0.005;
const STEPS = 24;

type Tried = Omit<Remedy, 'verdict' | 'rules'> & { judged: Judged };

/**
 * What would make a valve fit: every single change of the valve, the duty or a house rule that lifts its verdict.
 *
 * @param duty      as the position gives it
 * @param candidate the valve
 * @param settings  house rules in force
 * @returns the best verdict first, then changes of the valve, the duty and the house rules; empty where nothing helps
 * Source: `select`, asked again with each change.
 *
 * @example
 * remedies({ ...duty, medium: 'steam-low' }, { type: 'ball', seatMaterial: 'nylon' }).remedies[0].field // 'seatMaterial'
 */
export function remedies(
  duty: Duty,
  candidate: Candidate,
  settings: HouseRuleSettings = houseRuleSettings(),
): Remedies {
  const judge = judging(duty, settings);
  const now = judge(candidate);
  if (now.verdict === 'fits') return { verdict: now.verdict, remedies: [] };
  const tried = [
    ...changedValves(candidate).map(({ valve, ...change }) => ({
      ...change,
      judged: judge(valve),
    })),
    ...changedDuties(duty, candidate, settings),
    ...switchedRules(settings).map(({ rules, ...change }) => ({
      ...change,
      judged: judgeCandidate(duty, candidate, rules),
    })),
  ];
  const helping = tried
    .filter(({ judged }) => VERDICT_RANK[judged.verdict] < VERDICT_RANK[now.verdict])
    .map(({ judged, ...change }): Remedy => ({
      ...change,
      verdict: judged.verdict,
      rules: silenced(now, judged),
    }));
  helping.sort(
    (a, b) =>
      VERDICT_RANK[a.verdict] - VERDICT_RANK[b.verdict] ||
      OF.indexOf(a.of) - OF.indexOf(b.of) ||
      b.rules.length - a.rules.length ||
      byName(a.field, b.field) ||
      byName(String(a.to), String(b.to)),
  );
  return { verdict: now.verdict, remedies: helping };
}

const byName = (one: string, other: string): number => (one < other ? -1 : one > other ? 1 : 0);

/** Ids that stood against it or advised before and are not said any more, by name. */
function silenced(before: Judged, after: Judged): string[] {
  const still = new Set(against(after));
  return [...new Set(against(before))].filter((rule) => !still.has(rule)).sort();
}

const against = ({ reasons }: Judged): string[] =>
  reasons.flatMap(({ rule, verdict }) => (verdict === 'supports' ? [] : [rule]));

type Change = Pick<Remedy, 'of' | 'field' | 'to'>;

function changedValves(candidate: Candidate): (Change & { valve: Candidate })[] {
  const set = <F extends keyof Candidate>(
    field: F,
    values: readonly NonNullable<Candidate[F]>[],
  ): (Change & { valve: Candidate })[] =>
    values
      .filter((value) => value !== candidate[field])
      .map((value) => ({
        of: 'candidate',
        field,
        to: value as string | number,
        valve: { ...candidate, [field]: value },
      }));
  const [inlet, outlet] = candidate.ends ?? [];
  const pairs = ENDS.flatMap((end) => [
    [end, end] as const,
    ...(outlet ? [[end, outlet] as const] : []),
    ...(inlet ? [[inlet, end] as const] : []),
  ]);
  const isNew = new Map(pairs.map((pair) => [pair.join(), pair]));
  if (inlet && outlet) isNew.delete([inlet, outlet].join());
  return [
    ...set('port', PORTS),
    ...set('seatMaterial', SEAT_MATERIALS),
    ...set('bodyMaterial', BODY_MATERIALS),
    ...set('stem', STEMS),
    ...set('operator', OPERATORS),
    ...set('pieces', PIECES),
    ...set('closeTimeS', CLOSE_TIMES_S),
    ...[...isNew.values()].map((ends) => ({
      of: 'candidate' as const,
      field: 'ends',
      to: [...ends],
      valve: { ...candidate, ends: [...ends] },
    })),
    ...APPROVALS.filter((approval) => !candidate.approvals?.includes(approval)).map((approval) => ({
      of: 'candidate' as const,
      field: 'approvals',
      to: approval,
      valve: { ...candidate, approvals: [...(candidate.approvals ?? []), approval] },
    })),
  ];
}

function changedDuties(duty: Duty, candidate: Candidate, settings: HouseRuleSettings): Tried[] {
  const judge = (change: Partial<Duty>): Judged =>
    judgeCandidate({ ...duty, ...change }, candidate, settings);
  const set = (field: keyof Duty, values: readonly (string | boolean)[]): Tried[] =>
    values
      .filter((value) => value !== duty[field])
      .map((value) => ({ of: 'duty', field, to: value, judged: judge({ [field]: value }) }));
  const [fastestS, slowestS] = MARGIN_FACT_TABLE.closureTimeS.range(duty);
  const closing = nearest(geometric(fastestS, slowestS), (closureTimeS) => judge({ closureTimeS }));
  const { pressurePa } = duty;
  const lower = pressurePa
    ? nearest(geometric(pressurePa, pressurePa * 1e-4).slice(1), (value) => judge({ pressurePa: value }))
    : undefined;
  return [
    ...set('orientation', ORIENTATIONS),
    ...set('screened', [true]),
    ...(closing ? [{ of: 'duty' as const, field: 'closureTimeS', ...closing }] : []),
    ...(lower ? [{ of: 'duty' as const, field: 'pressurePa', ...lower }] : []),
  ];
}

/** Values from one to another, each the same share farther. */
const geometric = (from: number, to: number): number[] =>
  Array.from({ length: STEPS + 1 }, (_, step) => from * (to / from) ** (step / STEPS));

/** The first of some values, in their order, that reaches the best verdict any of them does; then halved back towards the one before. */
function nearest(
  values: readonly number[],
  judge: (value: number) => Judged,
): { to: number; judged: Judged } | undefined {
  const tried = values.map((value) => ({ value, judged: judge(value) }));
  const best = Math.min(...tried.map(({ judged }) => VERDICT_RANK[judged.verdict]));
  const first = tried.findIndex(({ judged }) => VERDICT_RANK[judged.verdict] === best);
  const at = tried[first];
  if (!at) return undefined;
  let found = at;
  let [short, reached] = [tried[first - 1]?.value ?? at.value, at.value];
  while (Math.abs(short - reached) > FOUND_TO * Math.abs(reached)) {
    const middle = (short + reached) / 2;
    const judged = judge(middle);
    if (VERDICT_RANK[judged.verdict] === best) {
      reached = middle;
      found = { value: middle, judged };
    } else short = middle;
  }
  return { to: found.value, judged: found.judged };
}

function switchedRules(settings: HouseRuleSettings): (Change & { rules: HouseRuleSettings })[] {
  return Object.entries(HOUSE_RULES).flatMap(([field, { options }]) =>
    Object.keys(options)
      .filter((option) => option !== settings[field as keyof HouseRuleSettings])
      .map((option) => ({
        of: 'house-rule' as const,
        field,
        to: option,
        rules: { ...settings, [field]: option } as HouseRuleSettings,
      })),
  );
}
