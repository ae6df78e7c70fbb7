import type { ValveType } from '../../ground/valves/index.js';
import { onceForAlike } from './alike.js';
import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Judgement,
  type Measured,
  type ReasonVerdict,
  type Rule,
  type Verdict,
  askedFact,
  worstOf,
} from '../duty/index.js';
import { RULES } from './rules/index.js';

export interface Reason {
  rule: string;
  verdict: ReasonVerdict;
  text: string;
  measured?: Measured;
  houseRule?: string;
}

const WEIGHT: Record<ReasonVerdict, number> = { out: 0, care: 1, supports: 2, advice: 3 };
const weightiestFirst = (a: Reason, b: Reason): number => WEIGHT[a.verdict] - WEIGHT[b.verdict];

/** What the rules say of a valve. */
export interface Judged {
  verdict: Verdict;
  /** What rules out first, then what needs care, what supports, and advice. */
  reasons: readonly Reason[];
}

/**
 * The rule table made ready for one duty: rules that have nothing to say to it or to a type are left aside, valves alike are judged once, and a reason
 * without figures is made once, however many valves it is said of.
 *
 * @param duty  what the position asks
 * @param settings house rules in force
 * @param isGeneric a type is judged as such: details of a valve that are not known are not asked for
 * @returns judges one valve; a fact that decides and is missing becomes the reason `unknown-<field>`
 *
 * @example
 * const judge = judging({ function: 'throttle', ... }, houseRuleSettings());
 * judge({ type: 'gate-solid' }).verdict // 'out'
 */
export function judging(
  duty: Duty,
  settings: HouseRuleSettings,
  isGeneric = false,
): (valve: Candidate) => Judged {
  const concerning = new Map<ValveType, readonly Rule[]>();
  const rulesFor = (type: ValveType): readonly Rule[] => {
    let rules = concerning.get(type);
    if (!rules)
      concerning.set(type, (rules = RULES.filter(({ concerns }) => concerns?.(duty, type) ?? true)));
    return rules;
  };
  const said = new Map<string, Reason>();

  const reasonFor = (rule: string, judgement: Judgement): Reason => {
    if ('measured' in judgement || 'houseRule' in judgement) return reasonFrom(rule, judgement);
    const before = said.get(judgement.text);
    if (before?.rule === reasonId(rule, judgement)) return before;
    const reason = reasonFrom(rule, judgement);
    said.set(judgement.text, reason);
    return reason;
  };

  return onceForAlike((valve) => {
    const reasons: Reason[] = [];
    for (const rule of rulesFor(valve.type)) {
      for (const judgement of judgementsOf(rule, duty, valve, settings, isGeneric)) {
        if (isGeneric && 'ask' in judgement) continue;
        const reason = reasonFor(rule.id, judgement);
        // A question that two rules ask is put once.
        if (askedFact(judgement) === undefined || !reasons.some((before) => before.rule === reason.rule))
          reasons.push(reason);
      }
    }
    if (reasons.length > 1) reasons.sort(weightiestFirst);
    return { verdict: worstOf(reasons), reasons };
  });
}

const NOTHING: readonly Judgement[] = [];

/** What a rule that concerns the type says of a valve. */
export function judgementsOf(
  rule: Rule,
  duty: Duty,
  valve: Candidate,
  settings: HouseRuleSettings,
  isGeneric = false,
): readonly Judgement[] {
  if (rule.applies && !rule.applies(duty, valve)) return NOTHING;
  const said = rule.judge(duty, valve, settings, isGeneric);
  if (!said) return NOTHING;
  return Array.isArray(said) ? (said as readonly Judgement[]) : [said as Judgement];
}

/** A judgement is said under its rule, a question under the fact it asks for. */
function reasonId(rule: string, judgement: Judgement): string {
  const asked = askedFact(judgement);
  return asked === undefined ? rule : `unknown-${asked}`;
}

/** What a rule says as a reason; a question as the care it is. */
export const reasonFrom = (rule: string, judgement: Judgement): Reason =>
  'verdict' in judgement
    ? { rule, ...judgement }
    : { rule: reasonId(rule, judgement), verdict: 'care', text: judgement.text };

/**
 * Judges one valve for a duty.
 *
 * @param duty  what the position asks
 * @param valve the candidate
 * @param settings house rules in force
 *
 * @example
 * judgeCandidate({ function: 'throttle', ... }, { type: 'gate-solid' }, houseRuleSettings()).verdict // 'out'
 */
export function judgeCandidate(duty: Duty, valve: Candidate, settings: HouseRuleSettings): Judged {
  return judging(duty, settings)(valve);
}
