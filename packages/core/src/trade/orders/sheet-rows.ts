import { InvalidInput } from '../../ground/input/index.js';

/** The columns of an order sheet that goes out and comes back. */
export const SHEET_COLUMNS = [
  'Line',
  'Supplier',
  'Family',
  'Quantity',
  'Description',
  'Positions',
  'Note',
  'Unit price',
  'Amount',
  'Currency',
  'Lead days',
  'State',
  'Received',
] as const;
export type SheetColumn = (typeof SHEET_COLUMNS)[number];
export type SheetRow = Partial<Record<SheetColumn, string | number>>;

/** What a row can change when it comes back; the rest is there to be read. */
export interface SheetChange {
  id: string;
  quantity?: number;
  text?: string;
  note?: string;
}

export interface SheetRead {
  changes: SheetChange[];
  /** Rows that could not be taken, as a spreadsheet numbers them, with what would be right. */
  problems: { row: number; column: SheetColumn; message: string }[];
  /** Lines of the sheet that no row names. */
  absent: string[];
}

interface Held {
  id: string;
  quantity: number;
  text: string;
  note: string;
  /** Whether it is still a draft: only those can be changed. */
  draft: boolean;
}

const MOST = 1_000_000;

/**
 * Reads an order sheet that came back against the lines as they are: what changed, and what cannot be taken.
 *
 * @param rows from row 2 of the spreadsheet on
 * @param held the lines now
 * @returns nothing is changed by reading
 * @throws InvalidInput where no row follows the heading
 *
 * @example
 * readSheetRows([{ Line: 'a', Quantity: 4 }], [{ id: 'a', quantity: 2, text: '…', note: '', draft: true }]).changes // [{ id: 'a', quantity: 4 }]
 */
export function readSheetRows(rows: readonly SheetRow[], held: readonly Held[]): SheetRead {
  if (rows.length === 0) throw new InvalidInput('file', 'The sheet has a heading, but no row under it.');
  const byId = new Map(held.map((line) => [line.id, line]));
  const seen = new Set<string>();
  const read: SheetRead = { changes: [], problems: [], absent: [] };
  rows.forEach((cells, at) => {
    const row = at + 2;
    const refuse = (column: SheetColumn, message: string): void =>
      void read.problems.push({ row, column, message });
    const id = textOf(cells.Line);
    const line = byId.get(id);
    if (!line)
      return refuse('Line', `“${id}” is not a line of this order sheet: leave the column Line as it was.`);
    if (seen.has(id)) return refuse('Line', 'This line appears twice: keep one row.');
    seen.add(id);
    const change: SheetChange = { id };
    const quantity = Number(textOf(cells.Quantity).replace(/\s/g, ''));
    if (!Number.isInteger(quantity) || quantity < 1 || quantity > MOST)
      return refuse(
        'Quantity',
        `“${textOf(cells.Quantity)}” is not a quantity: give a whole number from 1 to ${MOST}.`,
      );
    if (quantity !== line.quantity) change.quantity = quantity;
    const what = textOf(cells.Description);
    if (what === '') return refuse('Description', 'It is empty: enter what is ordered.');
    if (what !== line.text) change.text = what;
    const note = textOf(cells.Note);
    if (note !== line.note) change.note = note;
    if (Object.keys(change).length === 1) return;
    if (!line.draft) return refuse('Line', 'It has been sent: withdraw the order before it is changed.');
    read.changes.push(change);
  });
  read.absent = held.filter(({ id }) => !seen.has(id)).map(({ id }) => id);
  return read;
}

const textOf = (cell: string | number | undefined): string => (cell === undefined ? '' : String(cell).trim());
