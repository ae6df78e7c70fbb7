import { type OrderReading, readOrder } from './read-order.js';
import { readQuantity } from './read-quantity.js';

/** One line of a list as it was scribbled. */
export interface ListedLine {
  /** From 1, as it stood in the text. */
  line: number;
  /** As it was written, its quantity with it. */
  said: string;
  /** How many; 1 where nothing was said, and then it is asked. */
  quantity: number;
  saysQuantity: boolean;
  /** What was written of the valve itself. */
  asked: string;
  reading: OrderReading;
}

export interface OrderList {
  lines: ListedLine[];
  /** Lines that order nothing: greetings, signatures, what nobody can read. */
  passed: { line: number; said: string }[];
}

/**
 * Reads a list for a counter, an e-mail or an old quote: a valve a line.
 *
 * @param text as it was pasted
 * @returns each line with its quantity and what was understood; lines that order nothing apart
 *
 * @example
 * readOrderList('Hi Sam,\n6   3/4" ball valve SWT full port').lines[0]?.quantity // 6
 */
export function readOrderList(text: string): OrderList {
  const lines: ListedLine[] = [];
  const passed: OrderList['passed'] = [];
  text.split(/\r\n|\r|\n/).forEach((said, at) => {
    if (said.trim() === '') return;
    const reading = readOrder(said);
    const { quantity } = reading;
    if (ordersNothing(reading)) passed.push({ line: at + 1, said: said.trim() });
    else
      lines.push({
        line: at + 1,
        said: said.trim(),
        quantity: quantity ?? 1,
        saysQuantity: quantity !== undefined,
        asked: readQuantity(said).rest.trim(),
        reading,
      });
  });
  return { lines, passed };
}

/** A valve is known by its type or family, or by its connections; a size or a word of metal alone may stand in any sentence. */
function ordersNothing({ spec }: OrderReading): boolean {
  return (
    spec.type === undefined && spec.family === undefined && (spec.ends === undefined || spec.dn === undefined)
  );
}
