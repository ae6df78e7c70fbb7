import { type CatalogueModel, candidateOf, crossedEdges, lineUp } from '../line-up/index.js';
import { type Edge, openQuestions } from '../outlook/index.js';
import {
  type Duty,
  type DutyFact,
  type HouseRuleSettings,
  type PositionDuty,
  assumedFacts,
} from '../selection/index.js';

/** A position whose duty may still hold questions. */
export interface AskedPosition {
  id: string;
  duty: PositionDuty & Pick<Duty, 'medium'>;
  /** Edges of its pick, where something is picked. */
  edges: readonly Edge[];
}

/** A fact that is open, and what knowing it could change on the job. */
export interface JobQuestion {
  fact: DutyFact;
  /** Positions where another valve could become the first choice, by id. */
  picks: string[];
  /** Positions where only the verdict of the first choice could change, by id. */
  verdicts: string[];
}

export interface JobOutlook {
  /** The fact that could move most picks first. */
  questions: JobQuestion[];
  /** Positions whose duty has crossed an edge of their pick. */
  raised: { id: string; edges: Edge[] }[];
  /** Positions that were not looked at, since there are too many different duties. */
  leftOut: number;
}

/** Different duties that are looked at: at most a few seconds of work. */
const MOST_DUTIES = 200;

/**
 * What is worth asking first on a whole job, and which picks their duty has outgrown.
 *
 * @param positions with their duties; those that ask the same are worked out once
 * @param models    the catalogue
 * @param settings  house rules in force
 * Source: `open-questions` of each position.
 *
 * @example
 * jobOutlook([{ id: 'a', duty, edges: [] }], models, settings).questions[0] // { fact: 'flowM3s', picks: ['a'], verdicts: [] }
 */
export function jobOutlook(
  positions: readonly AskedPosition[],
  models: readonly CatalogueModel[],
  settings: HouseRuleSettings,
): JobOutlook {
  const alike = new Map<string, AskedPosition[]>();
  for (const position of positions) {
    const key = JSON.stringify(position.duty);
    alike.set(key, [...(alike.get(key) ?? []), position]);
  }
  const looked = [...alike.values()].slice(0, MOST_DUTIES);
  const questions = new Map<DutyFact, JobQuestion>();
  for (const group of looked) {
    const [{ duty }] = group as [AskedPosition];
    const ids = group.map(({ id }) => id);
    for (const { fact, matters } of questionsOf(duty, models, settings)) {
      if (matters === 'others') continue;
      const question = questions.get(fact) ?? { fact, picks: [], verdicts: [] };
      question[matters === 'pick' ? 'picks' : 'verdicts'].push(...ids);
      questions.set(fact, question);
    }
  }
  return {
    questions: [...questions.values()].sort(
      (a, b) =>
        b.picks.length - a.picks.length ||
        b.verdicts.length - a.verdicts.length ||
        (a.fact < b.fact ? -1 : 1),
    ),
    raised: positions.flatMap(({ id, duty, edges }) => {
      const crossed = crossedEdges(edges, duty);
      return crossed.length > 0 ? [{ id, edges: crossed }] : [];
    }),
    leftOut: positions.length - looked.reduce((sum, { length }) => sum + length, 0),
  };
}

function questionsOf(
  duty: AskedPosition['duty'],
  models: readonly CatalogueModel[],
  settings: HouseRuleSettings,
): ReturnType<typeof openQuestions>['questions'] {
  const { columns, tray } = lineUp(duty, models, settings);
  const made = [...columns, ...tray];
  return openQuestions(
    duty,
    made.map(({ model, size }) => candidateOf(model, size)),
    settings,
    { lifeYears: made.map(({ life }) => life.years), assumed: assumedFacts(duty) },
  ).questions;
}
