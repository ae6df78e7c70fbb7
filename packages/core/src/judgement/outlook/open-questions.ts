import {
  type Candidate,
  type Duty,
  type DutyFact,
  type HouseRuleSettings,
  type Verdict,
  houseRuleSettings,
  worstOf,
} from '../duty/index.js';
import { type Judged, type Reason, rank, typesServing } from '../selection/index.js';
import { type TrialValue, openFacts } from './question-trials.js';
import { withFact } from './read-facts.js';
import { type Analysed, analyse, gathered, reasonsOf } from './said-by-rule.js';

/** What knowing a fact could change: the pick, only the pick’s verdict, or only that of others. */
export const MATTERS = ['pick', 'verdict', 'others'] as const;
export type Matters = (typeof MATTERS)[number];

export interface TriedValue {
  value: TrialValue;
  /** Index of the first choice then; null where all are out. */
  top: number | null;
  topVerdict: Verdict | null;
  /** Candidates whose verdict is then another. */
  changed: number[];
}

export interface OpenQuestion {
  fact: DutyFact;
  matters: Matters;
  values: TriedValue[];
}

export interface OpenQuestions {
  top: number | null;
  topVerdict: Verdict | null;
  questions: OpenQuestion[];
  /** Facts that would change nothing. */
  idle: DutyFact[];
}

interface QuestionCase {
  /** Years each may serve here, where the ranking is to count them instead of its own. */
  lifeYears?: readonly (readonly [number, number])[];
  /** Facts the duty gives but only assumes: they are tried too. */
  assumed?: readonly DutyFact[];
}

/**
 * What is worth asking first: for each fact the duty leaves open, what it could be and what would then be picked.
 *
 * @param duty       as the position gives it
 * @param candidates valves; none given means every type that could serve, as its generic self
 * @param settings   house rules in force
 * @param more       expected lives for the ranking, and assumed facts
 * @returns questions that move the pick first, then its verdict, then that of others; those with most answers that change something first
 * Source: `select`, asked again with each value.
 *
 * @example
 * openQuestions(duty, candidates).questions[0].fact // 'flowM3s'
 */
export function openQuestions(
  duty: Duty,
  candidates: readonly Candidate[] | undefined,
  settings: HouseRuleSettings = houseRuleSettings(),
  { lifeYears, assumed = [] }: QuestionCase = {},
): OpenQuestions {
  const isGeneric = candidates === undefined;
  const valves = candidates ?? typesServing(duty);
  const analysed = analyse(duty, valves, settings, isGeneric);
  const before = analysed.map(({ said }) => judgedBy(said.map(({ reasons }) => reasons)));
  const firstOf = (judged: readonly Judged[]): { top: number | null; topVerdict: Verdict | null } => {
    const [top = null] = rank(valves, judged, { lifeYears }).ranked;
    return { top, topVerdict: top === null ? null : (judged[top]?.verdict ?? null) };
  };
  const now = firstOf(before);
  const questions: OpenQuestion[] = [];
  const idle: DutyFact[] = [];
  for (const { fact, values } of openFacts(duty, assumed)) {
    const reading = readersOf(analysed, fact);
    const tried = values.map((value): TriedValue => {
      if (reading.length === 0) return { value, ...now, changed: [] };
      const at = withFact(duty, fact, value);
      const judged = [...before];
      for (const index of reading) {
        const { valve, said } = analysed[index] as Analysed;
        judged[index] = judgedBy(
          said.map(({ rule, reads, reasons }) =>
            hangsOn(reads, fact) ? reasonsOf(rule, at, valve, settings, isGeneric) : reasons,
          ),
        );
      }
      const changed = reading.filter((index) => judged[index]?.verdict !== before[index]?.verdict);
      return { value, ...firstOf(judged), changed };
    });
    const matters = whatMatters(tried, now.top);
    if (matters) questions.push({ fact, matters, values: tried });
    else idle.push(fact);
  }
  const changing = ({ values }: OpenQuestion): number =>
    values.filter(({ top, changed }) => changed.length > 0 || top !== now.top).length;
  questions.sort(
    (a, b) =>
      MATTERS.indexOf(a.matters) - MATTERS.indexOf(b.matters) ||
      changing(b) - changing(a) ||
      (a.fact < b.fact ? -1 : 1),
  );
  return { ...now, questions, idle: idle.sort() };
}

/** Whether what was read hangs on a fact: of an open pipe all hangs on there being one. */
const hangsOn = (reads: ReadonlySet<DutyFact>, fact: DutyFact): boolean =>
  reads.has(fact) || (fact === 'pipe.material' && reads.has('pipe'));

/** The candidates of which some rule reads a fact. */
const readersOf = (analysed: readonly Analysed[], fact: DutyFact): number[] =>
  analysed.flatMap(({ said }, index) => (said.some(({ reads }) => hangsOn(reads, fact)) ? [index] : []));

function judgedBy(parts: readonly (readonly Reason[])[]): Judged {
  const reasons = gathered(parts);
  return { verdict: worstOf(reasons), reasons };
}

function whatMatters(tried: readonly TriedValue[], top: number | null): Matters | undefined {
  if (tried.some((one) => one.top !== top)) return 'pick';
  if (top !== null && tried.some(({ changed }) => changed.includes(top))) return 'verdict';
  return tried.some(({ changed }) => changed.length > 0) ? 'others' : undefined;
}
