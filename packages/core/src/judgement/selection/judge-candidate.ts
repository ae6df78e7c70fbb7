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
    const asked = askedFact(judgement);
    if ('ask' in judgement || 'askDuty' in judgement) return once(`unknown-${asked}`, 'care', judgement.text);
    const { verdict, text, measured, houseRule } = judgement;
    if (!measured && !houseRule) return once(rule, verdict, text);
    return { rule, verdict, text, ...(measured && { measured }), ...(houseRule && { houseRule }) };
  };
  const once = (rule: string, verdict: ReasonVerdict, text: string): Reason => {
    const before = said.get(text);
    if (before?.rule === rule) return before;
    const reason = { rule, verdict, text };
    said.set(text, reason);
    return reason;
  };

  return onceForAlike((valve) => {
    const reasons: Reason[] = [];
    for (const rule of rulesFor(valve.type)) {
      if (rule.applies && !rule.applies(duty, valve)) continue;
      const judged = rule.judge(duty, valve, settings, isGeneric);
      if (!judged) continue;
      for (const judgement of Array.isArray(judged)
        ? (judged as readonly Judgement[])
        : [judged as Judgement]) {
        if (isGeneric && 'ask' in judgement) continue;
        const reason = reasonFor(rule.id, judgement);
        // A question that two rules ask is put once.
        if (askedFact(judgement) === undefined || !reasons.some((before) => before.rule === reason.rule))
          reasons.push(reason);
      }
    }
    if (reasons.length > 1) reasons.sort(weightiestFirst);
    return { verdict: overall(reasons), reasons };
  });
}

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

function overall(reasons: readonly Reason[]): Verdict {
  const worst = reasons[0]?.verdict;
  return worst === 'out' || worst === 'care' ? worst : 'fits';
}
