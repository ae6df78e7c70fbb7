import { InvalidInput } from '../input/index.js';
import { type ValveType, isCheck } from '../valves/index.js';
import { openFields } from './required-fields.js';
import { TAG_MARKINGS } from './tag-markings.js';
import type { OpenField, ValveSpec } from './valve-spec.js';
import { familyOfSpec } from './spec-family.js';

export interface TagReading {
  /** What the tag or casting settles. */
  known: ValveSpec;
  markings: { text: string; meaning: string }[];
  /** What a complete order would still need. */
  open: OpenField[];
  /** Words that mean nothing here. */
  unread: string[];
}

const BETWEEN = /[\s,;:|·()]+/uy;
const ANY_WORD = /[^\s,;|·()]+/uy;

/**
 * Reads what a tag or a casting says, in any order: what is known of the valve, and what an order would still need.
 *
 * @param text what is cast, stamped or printed: "125 3/4 200 WOG"
 * @param given size and type, where they are known otherwise; what the casting says goes before them
 * @returns of two pressures the first class is the rating, else the first said; every one is among the markings
 *
 * @example
 * readTag('3 300 WCB').known // { rating: { kind: 'class', value: 300 }, dn: 80, body: 'A216 WCB', family: 'steel' }
 */
export function readTag(text: string, given: { dn?: number; type?: ValveType } = {}): TagReading {
  const known: ValveSpec = {};
  const markings: TagReading['markings'] = [];
  const unread: string[] = [];
  for (let at = 0; at < text.length;) {
    const gap = matchAt(BETWEEN, text, at);
    if (gap) {
      at += gap[0].length;
      continue;
    }
    const marking = markingAt(text, at);
    if (marking) {
      markings.push({ text: marking.text, meaning: marking.meaning });
      learn(known, marking.says);
      at += marking.text.length;
      continue;
    }
    const word = matchAt(ANY_WORD, text, at)?.[0] ?? text.slice(at, at + 1);
    unread.push(word);
    at += word.length;
  }
  if (known.dn === undefined && given.dn !== undefined) known.dn = given.dn;
  if (known.type === undefined && given.type !== undefined) known.type = given.type;
  const family = familyOfSpec(known);
  if (family) known.family = family;
  if (known.type && isCheck(known.type)) known.kind = known.type.replace('check-', '');
  return { known, markings, open: openFields(known), unread };
}

function markingAt(text: string, at: number): { text: string; meaning: string; says: ValveSpec } | undefined {
  for (const { pattern, meaning, says } of TAG_MARKINGS) {
    const found = matchAt(pattern, text, at);
    if (!found) continue;
    try {
      return {
        text: found[0],
        meaning: typeof meaning === 'string' ? meaning : meaning(found),
        says: says?.(found) ?? {},
      };
    } catch (error) {
      // Looks like a size that is not made: another marking may fit.
      if (!(error instanceof InvalidInput)) throw error;
    }
  }
  return undefined;
}

function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(text);
}

/** The first word on a thing stands, but a class goes before other pressures; approvals add up. */
function learn(known: ValveSpec, { approvals, rating, ...rest }: ValveSpec): void {
  if (approvals) known.approvals = [...new Set([...(known.approvals ?? []), ...approvals])].sort();
  if (rating && (!known.rating || (rating.kind === 'class' && known.rating.kind !== 'class')))
    known.rating = rating;
  Object.assign(known, { ...rest, ...known });
}
