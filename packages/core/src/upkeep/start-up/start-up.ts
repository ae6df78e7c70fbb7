import type { StartedLine } from './started-line.js';
import { type ReadingStep, START_UP_STEPS, type StartUpStepId, type StepFigure } from './step-row.js';
import { STEP_TABLE } from './step-table.js';
import { type StepField, type StepValues, isFilled } from './step-values.js';

/** One dated fact of a start-up, never changed, only followed by another. */
export type StartUpEntry = {
  step: StartUpStepId;
  by: string;
  /** ISO. */
  at: string;
} & (
  | { kind: 'item'; item: string; values: StepValues }
  /** The step is left out, with its reason. */
  | { kind: 'skip'; reason: string }
  /** It is not left out any more. */
  | { kind: 'unskip' }
  /** A reading ended with a verdict. */
  | {
      kind: 'reading';
      readingId: string;
      verdict: string;
      /** The thing it was read at, where it is not the whole step. */ item?: string;
    }
);

export interface StartUpItem {
  id: string;
  title: string;
  positionId?: string;
  figures: StepFigure[];
  note?: string;
  /** What was typed last. */
  values: StepValues;
  /** Who did it and when, where somebody did. */
  by?: string;
  at?: string;
  isDone: boolean;
  /** Verdict of the reading that was taken at it last. */
  verdict?: string;
  /** What is wrong, or still missing. */
  objection?: string;
}

export interface StartUpStep {
  id: StartUpStepId;
  title: string;
  state: 'done' | 'skipped' | 'waiting' | 'open';
  /** Titles of the steps it waits for. */
  waitsFor: string[];
  does: string;
  atHand: string;
  doneWhen: string;
  caution?: string;
  fields: readonly StepField[];
  items: StartUpItem[];
  reading?: ReadingStep;
  /** Why it is left out, and by whom. */
  skipped?: { reason: string; by: string; at: string };
  /** Verdict of its last reading. */
  verdict?: string;
  /** Who did the last of it, and when. */
  by?: string;
  at?: string;
}

export interface StartUp {
  steps: StartUpStep[];
  /** Every step is done, or left out with its reason. */
  isComplete: boolean;
}

/** Nothing but this verdict passes a reading. */
const PASSES: Readonly<Record<ReadingStep, string>> = { hold: 'holds', reducer: 'holding' };

/**
 * The steps of a line's start-up in the order of the work, each with how far it is.
 *
 * @param line    its positions with what is picked or was found, and its walk
 * @param entries what was done, in any order
 *
 * @example
 * startUp(line, []).steps[0]?.title // 'Inspect'
 */
export function startUp(line: StartedLine, entries: readonly StartUpEntry[]): StartUp {
  const oldestFirst = [...entries].sort((a, b) => (a.at < b.at ? -1 : 1));
  const steps: StartUpStep[] = [];
  for (const id of START_UP_STEPS) {
    const row = STEP_TABLE[id];
    const own = oldestFirst.filter(({ step }) => step === id);
    const items = row.items(line).map(({ objection, ...item }): StartUpItem => {
      const last = own.filter((entry) => entry.kind === 'item' && entry.item === item.id).at(-1);
      const read = own.filter((entry) => entry.kind === 'reading' && entry.item === item.id).at(-1);
      const values = last?.kind === 'item' ? last.values : {};
      const filled = isFilled(row.fields, values);
      const said = last && filled ? objection?.(values) : undefined;
      const isTyped = last !== undefined && filled && said === undefined;
      const verdict = read?.kind === 'reading' ? read.verdict : undefined;
      // What was read is surer than what was typed: where there is a reading, it decides.
      const isDone = verdict === undefined || !row.reading ? isTyped : verdict === PASSES[row.reading];
      const signed = latestOf(last, read);
      return {
        ...item,
        values,
        ...(signed && { by: signed.by, at: signed.at }),
        isDone,
        ...(verdict !== undefined && { verdict }),
        ...(said !== undefined && { objection: said }),
      };
    });
    if (items.length === 0) continue;
    const caution = row.caution?.(line);
    const step: Omit<StartUpStep, 'state' | 'waitsFor'> = {
      id,
      title: row.title,
      does: row.does,
      atHand: row.atHand,
      doneWhen: row.doneWhen,
      ...(caution !== undefined && { caution }),
      fields: row.fields,
      items,
      ...(row.reading && { reading: row.reading }),
      ...lastOf(own),
    };
    const isDone =
      row.reading && row.fields.length === 0
        ? step.verdict === PASSES[row.reading]
        : items.every((item) => item.isDone);
    const waitsFor = steps
      .filter(
        (before) => row.after.includes(before.id) && before.state !== 'done' && before.state !== 'skipped',
      )
      .map(({ title }) => title);
    const state = step.skipped ? 'skipped' : isDone ? 'done' : waitsFor.length > 0 ? 'waiting' : 'open';
    steps.push({ ...step, state, waitsFor });
  }
  return {
    steps,
    isComplete: steps.length > 0 && steps.every(({ state }) => state === 'done' || state === 'skipped'),
  };
}

const latestOf = (one: StartUpEntry | undefined, other: StartUpEntry | undefined): StartUpEntry | undefined =>
  one && other ? (one.at < other.at ? other : one) : (one ?? other);

function lastOf(own: readonly StartUpEntry[]): Pick<StartUpStep, 'skipped' | 'verdict' | 'by' | 'at'> {
  const last = own.at(-1);
  const left = own.filter(({ kind }) => kind === 'skip' || kind === 'unskip').at(-1);
  const reading = own.filter(({ kind }) => kind === 'reading').at(-1);
  return {
    ...(left?.kind === 'skip' && { skipped: { reason: left.reason, by: left.by, at: left.at } }),
    ...(reading?.kind === 'reading' && { verdict: reading.verdict }),
    ...(last && { by: last.by, at: last.at }),
  };
}
