import type { Quantity } from '../../ground/units/index.js';
import type { StartedLine } from './started-line.js';
import type { StepField, StepValues } from './step-values.js';

export const START_UP_STEPS = [
  'inspect',
  'hold',
  'make-up',
  'flush',
  'disinfect',
  'purge',
  'reducer',
  'radiator',
  'checks',
  'balance',
  'operate',
  'show',
  'label',
] as const;
export type StartUpStepId = (typeof START_UP_STEPS)[number];

/** Steps at which a logger is read. */
export const READING_STEPS = ['hold', 'reducer'] as const;
export type ReadingStep = (typeof READING_STEPS)[number];

/** A figure one goes by, in SI; without a quantity it is only counted. */
export interface StepFigure {
  label: string;
  value: number;
  quantity?: Quantity | 'volume';
}

/** One thing of a step: a valve, an outlet, a line of a checklist. */
export interface StepItem {
  id: string;
  title: string;
  positionId?: string;
  figures: StepFigure[];
  /** What one goes by, in words. */
  note?: string;
  /** What is wrong with what was typed, in a sentence; undefined where nothing is. */
  objection?: (values: StepValues) => string | undefined;
}

export interface StepRow {
  title: string;
  does: string;
  atHand: string;
  doneWhen: string;
  /** What can hurt. */
  caution?: (line: StartedLine) => string | undefined;
  /** Steps that come first, where the line has them. */
  after: readonly StartUpStepId[];
  fields: readonly StepField[];
  /** No items: the line does not need the step. */
  items: (line: StartedLine) => StepItem[];
  /** A reading of this kind judges the step where nothing is typed in it, else each of its things. */
  reading?: ReadingStep;
}
