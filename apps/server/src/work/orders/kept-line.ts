import type { ValveSpec } from '@grevik/core';
import type { OrderLine } from './order-line.model.js';

/** What can be changed of a line. */
export interface LineSaid {
  text: string;
  spec: ValveSpec | null;
  quantity: number;
  note: string;
}

/** A line whole, so that it can come back. */
export interface KeptLine extends LineSaid {
  id: string;
  version: number;
  supplier: string | null;
  positions: string[];
  unitPrice: string | null;
  leadDays: number | null;
}

export const lineSaid = ({ text, spec, quantity, note }: OrderLine): LineSaid => ({
  text,
  spec,
  quantity,
  note,
});

export const keptLine = (line: OrderLine, supplier: string | null): KeptLine => ({
  ...lineSaid(line),
  id: line.id,
  version: line.version,
  supplier,
  positions: line.positions,
  unitPrice: line.unitPrice,
  leadDays: line.leadDays,
});

/** Lines in a word: the first, and how many more. */
export function linesSaid(lines: readonly { text: string }[]): string {
  const [first, ...more] = lines;
  return [first?.text.slice(0, 80), more.length > 0 && `and ${more.length} more`].filter(Boolean).join(' ');
}
