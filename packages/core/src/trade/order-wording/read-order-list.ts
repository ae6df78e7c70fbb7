import { InvalidInput } from '../../ground/input/index.js';
import { parseNominalSize } from '../../ground/units/index.js';
import { type OrderReading, readOrder } from './read-order.js';

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

const BULLET = /^\s*(?:[-*•>]+\s*|\d{1,3}[.)]\s+)+/u;
const BEFORE =
  /^\s*(?:qty:?\s*(\d{1,6})(?:\s|$)|(\d{1,6})(?:\s*(?:x|×|pcs?\.?|ea\.?|each|off|no\.?|pieces?)(?=\s)|(?=\s{2,}|\t)))\s*[:,-]?\s*/iu;
const AFTER =
  /[\s,;(–-]+(?:qty:?\s*)?(\d{1,6})\s*(?:x|×|pcs?\.?|ea\.?|each|off|pieces?)\)?\s*$|[\s,;(–-]+(?:qty:?)\s*(\d{1,6})\)?\s*$/iu;
const PLAIN = /^\s*(\d{1,6})\s+(?=\S)/u;

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
    const { quantity, rest } = quantityOf(said);
    const reading = readOrder(rest, quantity);
    if (ordersNothing(reading)) passed.push({ line: at + 1, said: said.trim() });
    else
      lines.push({
        line: at + 1,
        said: said.trim(),
        quantity: quantity ?? 1,
        saysQuantity: quantity !== undefined,
        asked: rest.trim(),
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

function quantityOf(said: string): { quantity?: number; rest: string } {
  const bare = said.replace(BULLET, (bullet) => (/\d/.test(bullet) && !/[.)]/.test(bullet) ? bullet : ''));
  const before = BEFORE.exec(bare);
  if (before) return { quantity: Number(before[1] ?? before[2]), rest: bare.slice(before[0].length) };
  const after = AFTER.exec(bare);
  if (after) return { quantity: Number(after[1] ?? after[2]), rest: bare.slice(0, after.index) };
  const plain = PLAIN.exec(bare);
  if (plain && isCount(plain, bare)) return { quantity: Number(plain[1]), rest: bare.slice(plain[0].length) };
  return { rest: bare };
}

/** A whole number before another size counts the valves, unless both are one size: 6 3/4 is no pipe, 1 1/2 is. */
function isCount([all, count = '']: RegExpExecArray, said: string): boolean {
  const next = /^(\d{1,2}\/\d{1,2}|[¼½¾⅛⅜⅝⅞]|\d{1,2}(?:-\d\/\d)? ?(?:"|in\b)|dn ?\d|\d+ ?mm)/iu.exec(
    said.slice(all.length),
  )?.[1];
  if (next === undefined) return false;
  if (!next.includes('/') && !/[¼-¾⅛-⅞]/u.test(next)) return true;
  try {
    parseNominalSize(`${count} ${next}`);
    return false;
  } catch (error) {
    if (error instanceof InvalidInput) return true;
    throw error;
  }
}
