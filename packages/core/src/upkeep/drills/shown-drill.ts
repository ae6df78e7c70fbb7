import { type Field, InvalidInput, list, optional, record, text } from '../../ground/input/index.js';
import { type ValveType, valveTypeFacts } from '../../ground/valves/index.js';
import { MEDIUM_FACTS } from '../../ground/media/index.js';
import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  asNew,
  candidateFields,
  type Reason,
  candidateInput,
  dutyFields,
  dutyInput,
  select,
} from '../../judgement/selection/index.js';
import { type CatalogueModel, candidateOf, lineUp } from '../../judgement/line-up/index.js';
import { foundFields } from '../../judgement/walk/index.js';
import { isolateCalculation } from '../../physics/isolation/index.js';
import { drawFrom } from './draw.js';
import { type ChooseValveQuestion, chosenOf, fourFor } from './kinds/choose-valve.js';
import { type TouchItQuestion, touchedOf } from './kinds/touch-it-or-not.js';
import { type WhatToCloseQuestion, closedOf } from './kinds/what-to-close.js';
import type { MadeDrill } from './made-drill.js';
import { tradeOf } from './trade-of.js';

/** Kinds that can be asked about a real position or line. */
export const SHOWN_KINDS = ['which-valve', 'which-check', 'what-to-close', 'touch-it-or-not'] as const;
export type ShownKind = (typeof SHOWN_KINDS)[number];
export type ShownQuestion = ChooseValveQuestion | WhatToCloseQuestion | TouchItQuestion;

const MOST_CHOICES = 6;
const chooseInput = record({
  duty: dutyInput,
  candidates: list(candidateInput, { least: 2, most: MOST_CHOICES }),
});
const touchInput = record({
  place: record({
    duty: dutyInput,
    condition: record({ ...foundFields, turnedAt: optional(text(30, 'last known to turn, ISO')) }),
    upstream: optional(text(60)),
  }),
  now: text(30, 'ISO'),
});

const SHOWN: {
  [K in ShownKind]: {
    input: Field<unknown>;
    make(question: never, settings: HouseRuleSettings): MadeDrill;
  };
} = {
  'which-valve': { input: chooseInput, make: choose },
  'which-check': { input: chooseInput, make: choose },
  'what-to-close': {
    input: isolateCalculation.input,
    make: ({ network, fault }: WhatToCloseQuestion) => closedOf(network, fault) as MadeDrill,
  },
  'touch-it-or-not': {
    input: touchInput,
    make: ({ place, now }: TouchItQuestion, settings) => touchedOf(place, now, settings) as MadeDrill,
  },
};

function choose({ duty, candidates }: ChooseValveQuestion, settings: HouseRuleSettings): MadeDrill {
  return { ...chosenOf(duty, candidates, settings), trade: tradeOf(duty) } as MadeDrill;
}

/**
 * The drill of a question about something real: a position's duty and candidates, a line and its burst, a valve as it was found.
 *
 * @param kind  what is asked
 * @param shown the question
 * @param settings house rules in force
 * @throws InvalidInput naming the field where the question is none of its kind
 *
 * @example
 * shownDrill('which-valve', { duty, candidates }, houseRuleSettings()).answer.form // 'choice'
 */
export function shownDrill(kind: ShownKind, shown: unknown, settings: HouseRuleSettings): MadeDrill {
  const { input, make } = SHOWN[kind];
  return make(input.read(shown, 'shown') as never, settings);
}

/**
 * Which valve would you put here: the question of a real position.
 *
 * @param found  the duty of the position; each valve is judged as new
 * @param models the catalogue
 * @param settings house rules in force
 * @param seed   any text: the same asks the same
 * @returns undefined where no model is better than three others
 *
 * @example
 * positionDrill(duty, [], houseRuleSettings(), 'CW-101') // undefined
 */
export function positionDrill(
  found: Duty,
  models: readonly CatalogueModel[],
  settings: HouseRuleSettings,
  seed: string,
): ChooseValveQuestion | undefined {
  const duty = onlyAsked(asNew(found));
  const { columns, tray } = lineUp(found, models, settings);
  const valves = [...columns, ...tray]
    .filter(({ model, reasons }) => servesIn(duty, model.type, reasons))
    .map(({ model, size }) => onlyKnown(candidateOf(model, size)));
  const { results, ranked } = select(duty, valves, settings);
  const best = results[ranked[0] ?? -1];
  if (!best) return undefined;
  // The first choice, and what is worse than it: of valves alike nobody can say which one is meant.
  const offered = results.filter((one) => one === best || one.verdict !== best.verdict);
  for (const level of [3, 2, 1] as const) {
    const candidates = fourFor(drawFrom(seed), level, valves, offered);
    if (candidates) return { duty, candidates };
  }
  return undefined;
}

/** A duty without where its facts are from. */
const onlyAsked = (duty: Duty): Duty =>
  Object.fromEntries(
    Object.entries(duty).filter(([fact]) => fact === 'medium' || fact in dutyFields),
  ) as unknown as Duty;

/** Whether a type is at all thought of for a duty: a check is none for a shut-off, and a radiator valve stands at a radiator. */
function servesIn(duty: Duty, type: ValveType, reasons: readonly Reason[]): boolean {
  const { serves, family } = valveTypeFacts(type);
  return (
    serves.includes(duty.function) &&
    type !== 'solenoid' &&
    (family !== 'radiator' || MEDIUM_FACTS[duty.medium].family === 'steam') &&
    reasons.every(({ rule }) => rule !== 'type-size')
  );
}

/** A candidate without what its model has beside it. */
const onlyKnown = (candidate: Candidate): Candidate =>
  Object.fromEntries(
    Object.entries(candidate).filter(([field]) => field in candidateFields && field !== 'unitPrice'),
  ) as unknown as Candidate;

/** A kind that something real can be asked of. @throws InvalidInput where it cannot */
export function shownKind(kind: string): ShownKind {
  const found = SHOWN_KINDS.find((one) => one === kind);
  if (!found)
    throw new InvalidInput('kind', `kind is ${kind}: with shown give one of ${SHOWN_KINDS.join(', ')}.`);
  return found;
}
