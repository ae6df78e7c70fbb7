import { FURTHER_COLUMNS, InvalidInput, NEEDED_COLUMNS, type WalkRow } from '@grevik/core';
import Papa from 'papaparse';

export interface Sheet {
  /** Numbered as a spreadsheet shows them: the heading is row 1. */
  rows: { row: number; typed: WalkRow }[];
  /** Columns that are not read. */
  unread: string[];
}

const KNOWN: readonly string[] = [...NEEDED_COLUMNS, ...FURTHER_COLUMNS];

/**
 * Reads the text of a CSV file: comma, semicolon or tab, quoted or not, with or without a byte-order mark; headings in any case.
 * @throws InvalidInput where a needed column is missing or there twice, or no row follows
 */
export function readSheet(text: string): Sheet {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const [heading = [], ...body] = data;
  const columns = heading.map((name) => name.trim().toLowerCase());
  const missing = NEEDED_COLUMNS.filter((column) => !columns.includes(column));
  if (missing.length > 0) {
    throw new InvalidInput(
      'text',
      `The first row must name the columns; ${missing.join(', ')} ${missing.length > 1 ? 'are' : 'is'} missing. Required: ${NEEDED_COLUMNS.join(', ')}.`,
    );
  }
  const twice = columns.find((column, index) => KNOWN.includes(column) && columns.indexOf(column) !== index);
  if (twice) throw new InvalidInput('text', `The column ${twice} appears twice. Keep one of them.`);
  const rows = body
    .map((cells, index) => ({ row: index + 2, cells }))
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''))
    .map(({ row, cells }) => ({ row, typed: typedRow(columns, cells) }));
  if (rows.length === 0) throw new InvalidInput('text', 'The list has a heading, but no row under it.');
  return {
    rows,
    unread: heading.filter((name, index) => name.trim() !== '' && !KNOWN.includes(columns[index] ?? '')),
  };
}

function typedRow(columns: readonly string[], cells: readonly string[]): WalkRow {
  return Object.fromEntries(
    columns.flatMap((column, index) => (KNOWN.includes(column) ? [[column, cells[index] ?? '']] : [])),
  );
}
