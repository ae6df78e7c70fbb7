import { MEDIUM_FACTS, type Medium } from '../../ground/media/index.js';
import { type RowProblem, type WalkRow, type WalkedPosition, readWalkRow } from './walk-row.js';

/** What a job already has. */
export interface KnownJob {
  lines: readonly { name: string; medium: Medium }[];
  positions: readonly { tag: string; line: string }[];
}

export interface WalkListCheck {
  /** What would be added, in the list's order. */
  positions: WalkedPosition[];
  /** Why a row cannot be taken, field by field. */
  problems: RowProblem[];
  /** Lines that would be made, with their medium. */
  newLines: { name: string; medium: Medium }[];
}

const same = (text: string): string => text.trim().toLowerCase();

/**
 * Checks a whole walk list against a job: what would be added, which lines are new, and why the rest cannot be taken.
 *
 * @param rows the typed rows with their numbers in the sheet
 * @param job  lines and positions there already
 *
 * @example
 * checkWalkList([{ row: 2, typed: { tag: 'CW-01', ... } }], { lines: [], positions: [] })
 * // { positions: [{ tag: 'CW-01', ... }], problems: [], newLines: [{ name: 'Domestic cold', medium: 'potable-cold' }] }
 */
export function checkWalkList(
  rows: readonly { row: number; typed: WalkRow }[],
  job: KnownJob,
): WalkListCheck {
  const lines = new Map(job.lines.map((line) => [same(line.name), { ...line, from: 'on this job' }]));
  const tags = new Map(job.positions.map(({ tag, line }) => [same(tag), `on ${line} already`]));
  const check: WalkListCheck = { positions: [], problems: [], newLines: [] };

  for (const { row, typed } of rows) {
    const read = readWalkRow(row, typed);
    if ('problems' in read) {
      check.problems.push(...read.problems);
      continue;
    }
    const { position } = read;
    const line = lines.get(same(position.line));
    const taken = tags.get(same(position.tag));
    if (taken) {
      check.problems.push({
        row,
        field: 'tag',
        value: position.tag,
        message: `“${position.tag}” is ${taken}. Give this one a different tag.`,
      });
    } else if (line && line.medium !== position.medium) {
      check.problems.push({
        row,
        field: 'medium',
        value: typed.medium ?? '',
        message: `${line.name} carries ${MEDIUM_FACTS[line.medium].words} (${line.from}). Enter that medium, or another line.`,
      });
    } else {
      if (!line) {
        lines.set(same(position.line), { name: position.line, medium: position.medium, from: `row ${row}` });
        check.newLines.push({ name: position.line, medium: position.medium });
      }
      tags.set(same(position.tag), `on row ${row} of this list`);
      check.positions.push({ ...position, line: line?.name ?? position.line });
    }
  }
  return check;
}
