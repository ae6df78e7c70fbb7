import type { ValveType } from '../../ground/valves/index.js';
import { onceForAlike } from './alike.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';
import type { HouseRuleSettings } from './house-rules.js';
import type { Judgement, Measured, ReasonVerdict, Rule } from './rule.js';
import { RULES } from './rules/index.js';

export type Verdict = 'fits' | 'care' | 'out';

export interface Reason {
  rule: string;
  verdict: ReasonVerdict;
  text: string;
  measured?: Measured;
  houseRule?: string;
}

const WEIGHT: Record<ReasonVerdict, number> = { out: 0, care: 1, supports: 2 };
const weightiestFirst = (a: Reason, b: Reason): number => WEIGHT[a.verdict] - WEIGHT[b.verdict];

/** What the rules say of a valve. */
export interface Judged {
  verdict: Verdict;
  /** What rules out first, then what needs care, then what supports. */
  reasons: readonly Reason[];
}

/**
 * The rule table made ready for one duty: rules that have nothing to say to it or to a type are left aside, valves alike are judged once, and a reason
 * without figures is made once, however many valves it is said of.
 *
 * @param duty  what the position asks
 * @param settings house rules in force
 * @returns judges one valve; a fact that decides and is missing becomes the reason `unknown-<field>`
 *
 * @example
 * const judge = judging({ function: 'throttle', ... }, houseRuleSettings());
 * judge({ type: 'gate-solid' }).verdict // 'out'
 */
export function judging(duty: Duty, settings: HouseRuleSettings): (valve: Candidate) => Judged {
  const concerning = new Map<ValveType, readonly Rule[]>();
  const rulesFor = (type: ValveType): readonly Rule[] => {
    let rules = concerning.get(type);
    if (!rules)
      concerning.set(type, (rules = RULES.filter(({ concerns }) => concerns?.(duty, type) ?? true)));
    return rules;
  };
  const said = new Map<string, Reason>();

  const reasonFor = (rule: string, judgement: Judgement): Reason => {
    if ('ask' in judgement) return once(`unknown-${judgement.ask}`, 'care', judgement.text);
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
      const judgement = rule.judge(duty, valve, settings);
      if (!judgement) continue;
      const reason = reasonFor(rule.id, judgement);
      // A question that two rules ask is put once.
      if (!('ask' in judgement) || !reasons.some((before) => before.rule === reason.rule))
        reasons.push(reason);
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

/** Leaves out what is only not known: for a type as such, of which no details are given. */
export function withoutQuestions({ reasons }: Judged): Judged {
  const known = reasons.filter((reason) => !reason.rule.startsWith('unknown-'));
  return { verdict: overall(known), reasons: known };
}

function overall(reasons: readonly Reason[]): Verdict {
  const worst = reasons[0]?.verdict;
  return worst === 'out' || worst === 'care' ? worst : 'fits';
}
