import type { ValveType } from '../../ground/valves/index.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';
import type { HouseRuleSettings } from './house-rules.js';

export type RuleGroup =
  | 'function'
  | 'medium-and-material'
  | 'bore-and-solids'
  | 'place-and-hands'
  | 'checks'
  | 'waterworks'
  | 'house';

/** From the best to the worst. */
export const VERDICTS = ['fits', 'care', 'out'] as const;
export type Verdict = (typeof VERDICTS)[number];
/** How much a verdict holds against a valve. */
export const VERDICT_RANK: Readonly<Record<Verdict, number>> = { fits: 0, care: 1, out: 2 };

/** `advice` tells how to mount it or what to look after; it holds nothing for or against a valve. */
export type ReasonVerdict = 'supports' | 'advice' | 'care' | 'out';

/** What reasons come to together; supports and advice hold nothing against. */
export function worstOf(reasons: readonly { verdict: ReasonVerdict | 'fits' }[]): Verdict {
  let worst: Verdict = 'fits';
  for (const { verdict } of reasons)
    if (verdict === 'out') return 'out';
    else if (verdict === 'care') worst = 'care';
  return worst;
}

/** A fact of the duty that can be asked for, as calculations name it. */
export type DutyFact = Exclude<keyof Duty, 'pipe'> | 'pipe' | `pipe.${keyof NonNullable<Duty['pipe']>}`;

export interface Measured {
  value: number;
  limit: number;
  unit: 'Pa' | 'C' | 'm' | 'm/s' | 's' | 'ratio' | 'W';
  /** The shortest closing that keeps under the limit, s. */
  leastTimeS?: number | undefined;
}

/** What a rule says of one valve: a judgement, or a question for the fact it would need. */
export type Judgement =
  | { verdict: ReasonVerdict; text: string; measured?: Measured; houseRule?: string }
  | { ask: keyof Candidate; text: string }
  | { askDuty: DutyFact; text: string };

type Said = Judgement | readonly Judgement[] | undefined;

/**
 * One line of the rule table. `concerns` and `applies` are cheap and pure; `judge` gives a judgement, several, or nothing where the valve simply
 * fits; `isGeneric` where a type is judged as such, of which no details are given.
 * Texts carry no figures with units: those are in `measured`, shown in the reader's own units.
 */
export interface Rule {
  id: string;
  group: RuleGroup;
  /** When it speaks, in the words of the page that lists the rules. */
  when: string;
  /** Where it is from, for a rule the trade's own tables do not have. */
  source?: string;
  /** Whether it has anything to say of valves of this type for this duty; of all for every duty where left out. */
  concerns?(duty: Duty, type: ValveType): boolean;
  /** Whether it has anything to say of this valve among them; of every valve where left out. */
  applies?(duty: Duty, valve: Candidate): boolean;
  judge(duty: Duty, valve: Candidate, settings: HouseRuleSettings, isGeneric: boolean): Said;
  /** It simulates or tries every connection. What it says moves one way with each fact but those named, so that it need not be asked at every value. */
  slow?: { twoWays: readonly DutyFact[] };
}

/** Between the standing pressure and the limit a closing is judged, beyond them the rating: what it says of these does not move one way. */
export const OF_A_CLOSING: Rule['slow'] = { twoWays: ['pressurePa', 'surgeLimitPa'] };

export const advice = (text: string): Judgement => ({ verdict: 'advice', text });
export const supports = (text: string): Judgement => ({ verdict: 'supports', text });
export const care = (text: string, measured?: Measured): Judgement => ({
  verdict: 'care',
  text,
  ...(measured && { measured }),
});
export const ruledOut = (text: string, measured?: Measured): Judgement => ({
  verdict: 'out',
  text,
  ...(measured && { measured }),
});
export const ask = (field: keyof Candidate, text: string): Judgement => ({ ask: field, text });
export const askDuty = (fact: DutyFact, text: string): Judgement => ({ askDuty: fact, text });

/** The fact that a judgement asks for, of the valve or of the duty; undefined where it judges. */
export const askedFact = (judgement: Judgement): string | undefined =>
  'ask' in judgement ? judgement.ask : 'askDuty' in judgement ? judgement.askDuty : undefined;
