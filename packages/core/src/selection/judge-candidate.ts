import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';
import type { HouseSides } from './house-rules.js';
import type { Measured, ReasonVerdict } from './rule.js';
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

/**
 * Runs the rule table over one valve.
 *
 * @param duty  what the position asks
 * @param valve the candidate; a fact that decides and is missing becomes the reason `unknown-<field>`
 * @param sides house rules in force
 * @returns the verdict and its reasons, what rules out first
 *
 * @example
 * judgeCandidate({ function: 'throttle', ... }, { type: 'gate-solid' }, houseSides()).verdict // 'out'
 */
export function judgeCandidate(
  duty: Duty,
  valve: Candidate,
  sides: HouseSides,
): { verdict: Verdict; reasons: Reason[] } {
  const reasons: Reason[] = [];
  for (const rule of RULES) {
    if (!rule.applies(duty, valve)) continue;
    const judgement = rule.judge(duty, valve, sides);
    if (!judgement) continue;
    if (!('ask' in judgement)) reasons.push({ rule: rule.id, ...judgement });
    else if (!reasons.some((reason) => reason.rule === `unknown-${judgement.ask}`)) {
      reasons.push({ rule: `unknown-${judgement.ask}`, verdict: 'care', text: judgement.text });
    }
  }
  reasons.sort((a, b) => WEIGHT[a.verdict] - WEIGHT[b.verdict]);
  return { verdict: overall(reasons), reasons };
}

/** The same for a type as such: what is not known of it is not judged. */
export function judgeType(
  duty: Duty,
  type: Candidate['type'],
  sides: HouseSides,
): { verdict: Verdict; reasons: Reason[] } {
  const reasons = judgeCandidate(duty, { type }, sides).reasons.filter(
    (reason) => !reason.rule.startsWith('unknown-'),
  );
  return { verdict: overall(reasons), reasons };
}

function overall(reasons: readonly Reason[]): Verdict {
  const worst = reasons[0]?.verdict;
  return worst === 'out' || worst === 'care' ? worst : 'fits';
}
