import {
  type Candidate,
  type Duty,
  type DutyFact,
  type HouseRuleSettings,
  type Margins,
  type OpenQuestions,
  type PositionDuty,
  type ValveType,
  margins,
  openQuestions,
  openVerdicts,
  assumedFacts,
  typesServing,
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
  assumed: readonly DutyFact[];
  settings: HouseRuleSettings;
}

export interface Ahead {
  questions: OpenQuestions;
  margins: Margins[];
}

/** What to ask first, and until when each verdict holds. */
export function lookAhead({ duty, candidates, lifeYears, serving, assumed, settings }: Asked): Ahead {
  return {
    questions: openQuestions(duty, candidates, settings, { lifeYears, assumed }),
    margins: margins(duty, candidates.slice(0, serving), settings),
  };
}

/** A line to be looked at type by type. */
export interface AskedTypes {
  positions: readonly { id: string; duty: Duty & Pick<PositionDuty, 'origins'> }[];
  settings: HouseRuleSettings;
}

/** The types whose verdict holds only so far, by position. */
export const openTypes = ({ positions, settings }: AskedTypes): Map<string, Set<ValveType>> =>
  new Map(
    positions.map(({ id, duty }) => {
      const types = typesServing(duty);
      const open = openVerdicts(
        openQuestions(plainDuty(duty), undefined, settings, { assumed: assumedFacts(duty) }),
      );
      return [id, new Set([...open].flatMap((index) => types[index]?.type ?? []))];
    }),
  );

/** A duty without the origins of its facts, which no rule reads. */
export function plainDuty({ origins: _, ...duty }: Duty & Pick<PositionDuty, 'origins'>): Duty {
  return duty;
}
