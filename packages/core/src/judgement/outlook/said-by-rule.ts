import {
  type Candidate,
  type Duty,
  type DutyFact,
  type HouseRuleSettings,
  type Rule,
} from '../duty/index.js';
import { RULES, type Reason, judgementsOf, reasonFrom } from '../selection/index.js';
import { noting } from './read-facts.js';

/** What one rule says of one valve, and the facts it looked at to say it. */
export interface SaidByRule {
  rule: Rule;
  reads: ReadonlySet<DutyFact>;
  reasons: readonly Reason[];
}

/** Everything that is said of a valve at a duty, rule by rule in the table's order. Rules that read nothing and say nothing are left out. */
export interface Analysed {
  valve: Candidate;
  said: readonly SaidByRule[];
}

/**
 * Judges valves rule by rule at a duty, and notes the facts of the duty each rule reads, so that another value of a fact has only those rules
 * asked again.
 *
 * @param duty     as the position gives it
 * @param valves   the candidates
 * @param settings house rules in force
 * @param isGeneric types are judged as such: what is not known of a valve is not asked for
 *
 * @example
 * analyse(duty, [{ type: 'ball' }], settings)[0].said.find(({ rule }) => rule.id === 'headroom').reads // has 'headroomM'
 */
export function analyse(
  duty: Duty,
  valves: readonly Candidate[],
  settings: HouseRuleSettings,
  isGeneric = false,
): Analysed[] {
  const { fresh, read } = noting(duty);
  const concerns = new Map<string, Concern>();
  const concernOf = (rule: Rule, valve: Candidate): Concern => {
    const key = `${rule.id} ${valve.type}`;
    let known = concerns.get(key);
    if (!known) {
      const reads = new Set<DutyFact>();
      const is = read(reads, () => rule.concerns?.(fresh(), valve.type) ?? true);
      concerns.set(key, (known = { rule, reads, reasons: NOTHING, is }));
    }
    return known;
  };
  return valves.map((valve) => ({
    valve,
    said: RULES.flatMap((rule): SaidByRule[] => {
      const concern = concernOf(rule, valve);
      if (!concern.is) return concern.reads.size > 0 ? [concern] : [];
      const reads = new Set(concern.reads);
      const reasons = read(reads, () => reasonsOf(rule, fresh(), valve, settings, isGeneric));
      return reads.size > 0 || reasons.length > 0 ? [{ rule, reads, reasons }] : [];
    }),
  }));
}

/** Whether a rule has anything to say of a type, and what it read to know that. */
interface Concern extends SaidByRule {
  is: boolean;
}

const NOTHING: readonly Reason[] = [];

/** What one rule says of a valve at a duty. */
export function reasonsOf(
  rule: Rule,
  duty: Duty,
  valve: Candidate,
  settings: HouseRuleSettings,
  isGeneric = false,
): readonly Reason[] {
  if (rule.concerns && !rule.concerns(duty, valve.type)) return NOTHING;
  const said = judgementsOf(rule, duty, valve, settings, isGeneric);
  return (isGeneric ? said.filter((judgement) => !('ask' in judgement)) : said).map((judgement) =>
    reasonFrom(rule.id, judgement),
  );
}

/** All reasons of a valve as `select` gives them but for their order: a question that two rules ask stands once. */
export function gathered(parts: readonly (readonly Reason[])[]): Reason[] {
  const reasons: Reason[] = [];
  for (const part of parts)
    for (const reason of part)
      if (!reason.rule.startsWith('unknown-') || !reasons.some(({ rule }) => rule === reason.rule))
        reasons.push(reason);
  return reasons;
}
