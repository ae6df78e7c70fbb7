import { DRILL_KINDS, type DrillKind, type DrillLevel, type DrillTrade } from './made-drill.js';

/** One answer of a person, as it was graded. */
export interface TakenDrill {
  kind: DrillKind;
  level: DrillLevel;
  trade: DrillTrade;
  right: boolean;
  /** ISO. */
  takenAt: string;
}

export interface Readiness {
  kind: DrillKind;
  /** The highest level that is passed; 0 where none is yet. */
  level: 0 | DrillLevel;
  /** When the last of the answers came that it rests on, ISO. */
  since?: string;
  taken: number;
  passed: number;
}

/** Answers in a row, at a level or above it, that make a person ready for it. */
export const ANSWERS_IN_A_ROW = 3;

/**
 * What a person is ready for, kind by kind: a level is passed where the last three answers at it or above were right.
 *
 * @param taken in any order
 * @returns one a kind, with since when
 *
 * @example
 * drillReadiness([]).every(({ level }) => level === 0) // true
 */
export function drillReadiness(taken: readonly TakenDrill[]): Readiness[] {
  const oldestFirst = [...taken].sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1));
  return DRILL_KINDS.map((kind) => {
    const own = oldestFirst.filter((one) => one.kind === kind);
    const ready = ([3, 2, 1] as const)
      .map((level) => ({ level, since: sinceWhen(own.filter((one) => one.level >= level)) }))
      .find(({ since }) => since !== undefined);
    return {
      kind,
      level: ready?.level ?? 0,
      ...(ready?.since !== undefined && { since: ready.since }),
      taken: own.length,
      passed: own.filter(({ right }) => right).length,
    };
  });
}

/** When three in a row came together that nothing wrong followed; undefined where they did not. */
function sinceWhen(answers: readonly TakenDrill[]): string | undefined {
  const lastWrong = answers.findLastIndex(({ right }) => !right);
  return answers[lastWrong + ANSWERS_IN_A_ROW]?.takenAt;
}

/** When a drill about a trade was last passed, ISO; undefined where none ever was. */
export const lastPassed = (taken: readonly TakenDrill[], trade: DrillTrade): string | undefined =>
  taken
    .filter((one) => one.trade === trade && one.right)
    .map(({ takenAt }) => takenAt)
    .sort()
    .at(-1);

/** The level a person is asked at next. */
export const nextLevel = ({ level }: Pick<Readiness, 'level'>): DrillLevel =>
  level === 0 ? 1 : level === 1 ? 2 : 3;
