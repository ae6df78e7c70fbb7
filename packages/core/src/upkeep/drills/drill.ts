import { type HouseRuleSettings, houseRuleSettings } from '../../judgement/selection/index.js';
import { DRILL_TABLE } from './drill-table.js';
import { drawFrom } from './draw.js';
import type { DrillAnswer, DrillGrade, DrillKind, DrillLevel, DrillTrade, MadeDrill } from './made-drill.js';
import { readAnswer } from './read-answer.js';

/** Which drill: the same gives the same. */
export interface DrillSeed {
  kind: DrillKind;
  seed: number;
  level: DrillLevel;
  /** Only about this. */
  trade?: DrillTrade | undefined;
}

/** What every kind asks, by its kind. */
export type DrillQuestions = {
  [K in DrillKind]: ReturnType<(typeof DRILL_TABLE)[K]>['question'];
};

/**
 * A drill made from a seed: what is shown, and how it is answered.
 *
 * @param of       kind, whole number, level 1 to 3, and the trade where it is to be about one
 * @param settings house rules in force
 *
 * @example
 * drill({ kind: 'name-it', seed: 1, level: 1 }).answer.form // 'choice'
 * @see gradeDrill
 */
export function drill(
  { kind, seed, level, trade }: DrillSeed,
  settings: HouseRuleSettings = houseRuleSettings(),
): MadeDrill {
  const make = DRILL_TABLE[kind] as (from: object) => MadeDrill;
  return make({ draw: drawFrom(`${kind} ${level} ${seed} ${trade ?? ''}`), level, settings, trade });
}

/**
 * An answer graded by the product's own calculations.
 *
 * @param of     the drill
 * @param answer in the drill's form
 * @param settings house rules in force
 * @returns whether it passes, its share 0 to 1, an answer that passes, and the reasons
 * @throws InvalidInput where the answer is not in the drill's form
 *
 * @example
 * gradeDrill({ kind: 'name-it', seed: 1, level: 1 }, drill({ kind: 'name-it', seed: 1, level: 1 }).key).right // true
 */
export function gradeDrill(
  of: DrillSeed,
  answer: unknown,
  settings: HouseRuleSettings = houseRuleSettings(),
): DrillGrade & { key: DrillAnswer } {
  return gradeMade(drill(of, settings), answer);
}

/** The same for a drill that is made already. What two reasons say alike is said once. */
export function gradeMade(made: MadeDrill, answer: unknown): DrillGrade & { key: DrillAnswer } {
  const { why, ...graded } = made.grade(readAnswer(made, answer));
  return {
    ...graded,
    key: made.key,
    why: [...new Set(why.map(({ text }) => text))].map((text) => ({ text })),
  };
}
