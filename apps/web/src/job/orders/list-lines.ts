import type { NewOrderLine } from '@grevik/contracts';
import { readOrderList } from '@grevik/core';
import { newId } from '../../store/new-id';

export interface ListRead {
  lines: NewOrderLine[];
  /** Lines that leave something open. */
  open: number;
  /** Lines that order nothing. */
  passed: number;
}

/** Reads a part of a list into lines for the order; what was not understood stays as a note. */
export function listLines(text: string): ListRead {
  const { lines, passed } = readOrderList(text);
  return {
    lines: lines.map(({ quantity, said, reading: { spec, text: back, unread } }) => ({
      id: newId(),
      text: back === '' ? said : back,
      spec,
      quantity,
      ...(unread.length > 0 && { note: unread.join(' ').slice(0, 500) }),
    })),
    open: lines.filter(({ reading: { missing } }) => missing.length > 0).length,
    passed: passed.length,
  };
}
