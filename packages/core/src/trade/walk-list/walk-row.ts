import { InvalidInput } from '../../ground/input/index.js';
import type { Medium } from '../../ground/media/index.js';
import { TAG_PATTERN } from '../../judgement/walk/index.js';
import type { PositionDuty } from '../../judgement/selection/index.js';
import { parseNominalSize, parseQuantity } from '../../ground/units/index.js';
import { FACT_COLUMNS, readFacts } from './fact-columns.js';
import {
  FUNCTION_WORDS_SAID,
  MEDIUM_WORDS,
  ORIENTATION_WORDS,
  PIPE_WORDS,
  PLACE_WORDS,
  type Vocabulary,
  idOf,
} from './words.js';

/** Columns a walk list must have, and those it may have. */
export const NEEDED_COLUMNS = ['tag', 'line', 'medium', 'function', 'size'] as const;
export const FURTHER_COLUMNS: readonly string[] = [
  'pipe',
  'run upstream',
  'orientation',
  'place',
  'remarks',
  ...FACT_COLUMNS.map(({ name }) => name),
];

/** One row as it was typed, by the heading of its column. */
export type WalkRow = Readonly<Record<string, string | undefined>>;

/** A position as a row of a walk list gives it. */
export interface WalkedPosition {
  row: number;
  tag: string;
  line: string;
  medium: Medium;
  remarks: string;
  duty: PositionDuty;
}

/** What is wrong with one field of a row. */
export interface RowProblem {
  row: number;
  /** Heading of the column. */
  field: string;
  value: string;
  message: string;
}

export const LONGEST_LINE_NAME = 60;
export const LONGEST_REMARKS = 500;

/**
 * Reads one typed row of a walk list.
 *
 * @param row    the row's number in the sheet, for messages
 * @param typed  the cells by column
 * @returns the position, or every field that cannot be read with what would be right
 *
 * @example
 * readWalkRow(2, { tag: 'CW-01', line: 'Domestic cold', medium: 'potable cold', function: 'isolate', size: '3/4', pressure: '75 psi', temperature: '50 F' })
 * // { position: { tag: 'CW-01', duty: { function: 'isolate', dn: 20, ... }, ... } }
 */
export function readWalkRow(
  row: number,
  typed: WalkRow,
): { position: WalkedPosition } | { problems: RowProblem[] } {
  const problems: RowProblem[] = [];
  const cell = (field: string): string => (typed[field] ?? '').trim();
  const say = (field: string, message: string): undefined =>
    void problems.push({ row, field, value: cell(field), message });

  function tryTo<T>(field: string, read: () => T): T | undefined {
    try {
      return read();
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      return say(field, error.message);
    }
  }
  function word<T extends string>(field: string, words: Vocabulary<T>): T | undefined {
    const said = cell(field);
    const id = idOf(words, said);
    if (id !== undefined) return id;
    const choices = `Enter one of: ${words.choices.join(', ')}.`;
    return say(
      field,
      said === ''
        ? `No ${words.of} is given. ${choices}`
        : `“${said}” is not a known ${words.of}. ${choices}`,
    );
  }
  const ifGiven = <T>(field: string, read: () => T): T | undefined =>
    cell(field) === '' ? undefined : read();

  const tag = cell('tag');
  if (!TAG_PATTERN.test(tag))
    say(
      'tag',
      tag === ''
        ? 'No tag is given. Enter it like CW-04.'
        : `“${tag}” is not a tag. Write up to 20 letters, digits and dashes, like CW-04.`,
    );
  const line = cell('line');
  if (line === '' || line.length > LONGEST_LINE_NAME)
    say('line', `Enter the line it is on, in at most ${LONGEST_LINE_NAME} characters, like Domestic cold.`);
  const remarks = cell('remarks');
  if (remarks.length > LONGEST_REMARKS)
    say('remarks', `The remarks are ${remarks.length} characters long. Keep them to ${LONGEST_REMARKS}.`);

  const medium = word('medium', MEDIUM_WORDS);
  const asked = word('function', FUNCTION_WORDS_SAID);
  const dn = tryTo('size', () => parseNominalSize(cell('size')));
  const facts = readFacts(cell, say);
  const material = ifGiven('pipe', () => word('pipe', PIPE_WORDS));
  const runM = ifGiven('run upstream', () =>
    tryTo('run upstream', () => parseQuantity(cell('run upstream'), 'length', 'run upstream')),
  );
  if (runM !== undefined && !material)
    say('run upstream', 'A run belongs to its pipe: enter the pipe’s material too.');
  const orientation = ifGiven('orientation', () => word('orientation', ORIENTATION_WORDS));
  const place = ifGiven('place', () => word('place', PLACE_WORDS));

  if (problems.length > 0 || !medium || !asked || dn === undefined) return { problems };
  const duty: PositionDuty = {
    function: asked,
    dn,
    ...facts,
    ...(material && { pipe: { material, ...(runM !== undefined && { lengthUpstreamM: runM }) } }),
    ...(orientation && { orientation }),
    ...(place && { place }),
  };
  return { position: { row, tag, line, medium, remarks, duty } };
}
