import { type ListedLine, type OrderReading, type ValveSpec, readOrder } from '@grevik/core';

/** A choice that was made for a line: the field, and the words that say it. */
export interface Choice {
  field: keyof ValveSpec;
  words: string;
}

/** What a person did to a line: choices in their order, and how many. */
export interface LineEdits {
  choices: readonly Choice[];
  quantity?: number;
}

export interface CounterLine extends ListedLine {
  /** With the choices said before it. */
  reading: OrderReading;
  edits: LineEdits;
}

/** A line as it was written, with what was chosen for it since. */
export function withEdits(line: ListedLine, edits: LineEdits = { choices: [] }): CounterLine {
  const { choices, quantity = line.quantity } = edits;
  const reading =
    choices.length === 0
      ? line.reading
      : readOrder([...choices.map(({ words }) => words).reverse(), line.asked].join(', '), quantity);
  return { ...line, quantity, reading, edits };
}
