import { InvalidInput } from '../../ground/input/index.js';
import { parseNominalSize } from '../../ground/units/index.js';
import { namesSmallThing } from './things.js';

/** How many, and what is left of the text without it. */
export interface CountReading {
  quantity?: number;
  rest: string;
  /** Where a leading number and a fraction are one size as well as a count and a size: the text as one size. */
  mixed?: string;
}

const BULLET = /^\s*(?:[-*•>]+\s*|\d{1,3}[.)]\s+)+/u;
const BEFORE =
  /^\s*(?:qty:?\s*(\d{1,6})(?:\s|$)|(\d{1,6})(?:\s*(?:x|×|pcs?\.?|ea\.?|each|off|no\.?|pieces?)(?=\s)|\s*[-–:](?=\s)|(?=\s{2,}|\t)))\s*[:,-]?\s*/iu;
const AFTER =
  /[\s,;(–-]+(?:qty:?\s*)?(\d{1,6})\s*(?:x|×|pcs?\.?|ea\.?|each|off|pieces?)\)?\s*$|[\s,;(–-]+(?:qty:?)\s*(\d{1,6})\)?\s*$|\s[x×](\d{1,6})\s*$/iu;
const PLAIN = /^\s*(\d{1,6})\s+(?=\S)/u;
const NEXT_SIZE =
  /^(?:\d{1,2}[ -]\d{1,2}\/\d{1,2}|\d{1,2}\/\d{1,2}|[¼½¾⅛⅜⅝⅞]|\d{1,2}[¼½¾⅛⅜⅝⅞]|\d{1,2}(?:\.\d+)? ?(?:"|”|″|in\b|inch)|dn ?\d|\d+ ?mm|\d{1,2}(?=\s+\p{L}{3,}))/iu;
/** A size further on, so that the number before counts. */
const ANOTHER_SIZE =
  /(?<![\w/])(?:\d{1,2}\/(?:2|4|8)(?!\d| ?(?:od|turn))|\d{1,2} ?(?:"|”|in\b)(?! ?od)|dn ?\d|\d+ ?mm\b)(?!.*\bx\b)/iu;
const FRACTION_ALONE = /^(\d{1,2}\/\d{1,2}|[¼½¾⅛⅜⅝⅞])(\s*(?:"|”|″|in\b|inch(?:es)?))?/iu;
const NAMES: readonly (readonly [RegExp, string])[] = [
  [/\binch and a half\b/giu, '1.5 in'],
  [/\b(?:an? |one )?inch and a quarter\b/giu, '1.25 in'],
  [/\b(?:a )?half[ -]inch\b/giu, '0.5 in'],
  [/\bthree[ -]quarters?(?:[ -]inch)?\b(?![ -]turn)/giu, '0.75 in'],
  [/\bquarter[ -]inch\b/giu, '0.25 in'],
  [/\bone[ -]inch\b/giu, '1 in'],
  [/\btwo[ -]inch\b/giu, '2 in'],
  [/\b(\d{1,2}\/\d{1,2})(?:ths?|rds?)\b/giu, '$1'],
];

/** Sizes said in words, as figures: half inch, three-quarter, 3/8ths. */
export const sizesInFigures = (text: string): string =>
  NAMES.reduce((said, [pattern, figure]) => said.replace(pattern, figure), text);

/**
 * How many valves a line orders.
 *
 * @param text as it was written, its sizes in figures
 * @returns the count, where one stands, and the rest; a mixed number without a unit may be one size or a count and a size
 *
 * @example
 * readQuantity('6 1 1/4 gate valve') // { quantity: 6, rest: '1 1/4 gate valve' }
 */
export function readQuantity(text: string): CountReading {
  const bare = text.replace(BULLET, (bullet) => (/\d/.test(bullet) && !/[.)]/.test(bullet) ? bullet : ''));
  const before = BEFORE.exec(bare);
  if (before) return { quantity: Number(before[1] ?? before[2]), rest: bare.slice(before[0].length) };
  const after = AFTER.exec(bare);
  if (after) return { quantity: Number(after[1] ?? after[2] ?? after[3]), rest: bare.slice(0, after.index) };
  const plain = PLAIN.exec(bare);
  if (!plain) return { rest: bare };
  const [all, count = ''] = plain;
  const rest = bare.slice(all.length);
  if (!NEXT_SIZE.test(rest))
    return /^\p{L}{3,}/u.test(rest) &&
      !/^inch/iu.test(rest) &&
      (ANOTHER_SIZE.test(rest) || namesSmallThing(rest))
      ? { quantity: Number(count), rest }
      : { rest: bare };
  const fraction = FRACTION_ALONE.exec(rest);
  if (!fraction || !isSize(`${count} ${fraction[1]}`)) return { quantity: Number(count), rest };
  // Followed by its unit a mixed number is one size.
  return fraction[2] === undefined ? { quantity: Number(count), rest, mixed: bare } : { rest: bare };
}

function isSize(typed: string): boolean {
  try {
    parseNominalSize(typed);
    return true;
  } catch (error) {
    if (error instanceof InvalidInput) return false;
    throw error;
  }
}
