import { type ValveSpec, candidateOfSpec, orderLine, readOrder } from '../order-wording/index.js';
import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Judged,
  type Reason,
  VERDICT_RANK,
  type Verdict,
  houseRuleSettings,
  judgeCandidate,
} from '../../judgement/selection/index.js';

export interface JudgedSubstitute {
  /** What the rules say of the valve ordered, and of the one offered. */
  ordered?: Verdict;
  offered?: Verdict;
  /** Whether what is offered is judged worse. */
  worse: boolean;
  /** What speaks against what is offered and does not speak against what was ordered. */
  reasons: Reason[];
  /** Fields in which the two differ, as far as both are known. */
  differs: (keyof ValveSpec)[];
  /** What the offer leaves open that the order said. */
  open: (keyof ValveSpec)[];
}

/**
 * What a supplier's substitute changes: field by field, and in the verdict at the position it is for.
 *
 * @param ordered the order's line
 * @param instead what is offered, in the supplier's words
 * @param duty    of the position; without one only the fields are compared
 * @param settings   house rules in force
 *
 * @example
 * judgeSubstitute(ballSpec, '1 in gate valve, FIP x FIP, bronze', duty).worse // true where a gate needs care and the ball fitted
 */
export function judgeSubstitute(
  ordered: ValveSpec,
  instead: string,
  duty?: Duty,
  settings: HouseRuleSettings = houseRuleSettings(),
): JudgedSubstitute {
  const offered = readOrder(instead).spec;
  const fields = (Object.keys(ordered) as (keyof ValveSpec)[]).filter((field) => field !== 'family');
  const before = duty && judged(ordered, duty, settings);
  const after = duty && judged(offered, duty, settings);
  const known = new Set(before?.reasons.map(({ rule }) => rule));
  return {
    ...(before && { ordered: before.verdict }),
    ...(after && { offered: after.verdict }),
    worse:
      before !== undefined &&
      after !== undefined &&
      VERDICT_RANK[after.verdict] > VERDICT_RANK[before.verdict],
    reasons: (after?.reasons ?? []).filter(({ rule, verdict }) => verdict !== 'supports' && !known.has(rule)),
    differs: fields.filter(
      (field) =>
        offered[field] !== undefined && JSON.stringify(offered[field]) !== JSON.stringify(ordered[field]),
    ),
    open: fields.filter((field) => offered[field] === undefined),
  };
}

function judged(spec: ValveSpec, duty: Duty, settings: HouseRuleSettings): Judged | undefined {
  const candidate = candidateOfSpec(spec);
  if (candidate.type === undefined) return undefined;
  if (spec.dn !== undefined && spec.dn !== duty.dn)
    return {
      verdict: 'out',
      reasons: [
        { rule: 'size-made', verdict: 'out', text: 'It is a different size than the position needs.' },
      ],
    };
  return judgeCandidate(duty, candidate as Candidate, settings);
}

/** A substitute as it would stand on the order. */
export const substituteLine = (instead: string): { spec: ValveSpec; text: string } => {
  const { spec } = readOrder(instead);
  return { spec, text: orderLine(spec).text };
};
