import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Margins,
  type OpenQuestions,
  margins,
  openQuestions,
} from '@grevik/core';

/** What is asked of a line-up beside its verdicts. */
export interface Asked {
  duty: Duty;
  /** Every model made in the size: what could serve first, then what is out. */
  candidates: readonly Candidate[];
  lifeYears: readonly (readonly [number, number])[];
  /** Of so many, from the first on, it is said until when. */
  serving: number;
  /** Facts that are only assumed. */
  assumed: readonly string[];
  settings: HouseRuleSettings;
}

export interface Ahead {
  questions: OpenQuestions;
  margins: Margins[];
}

/** What to ask first, and until when each verdict holds. */
export function lookAhead({ duty, candidates, lifeYears, serving, assumed, settings }: Asked): Ahead {
  return {
    questions: openQuestions(duty, candidates, settings, { lifeYears, assumed: assumed as never }),
    margins: margins(duty, candidates.slice(0, serving), settings),
  };
}
