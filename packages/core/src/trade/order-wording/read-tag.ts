import { type ValveType, isCheck } from '../../ground/valves/index.js';
import { openFields } from './required-fields.js';
import { learn, markingAt, matchAt } from './scan-markings.js';
import { familyOfSpec } from './spec-family.js';
import { TAG_MARKINGS } from './tag-markings.js';
import type { OpenField, ValveSpec } from './valve-spec.js';

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
    const stands = markingAt(TAG_MARKINGS, text, at);
    if (stands) {
      const { marking, found, says } = stands;
      const { meaning } = marking;
      markings.push({ text: found[0], meaning: typeof meaning === 'string' ? meaning : meaning(found) });
      learn(known, says);
      at += found[0].length;
      continue;
    }
    const word = matchAt(ANY_WORD, text, at)?.[0] ?? text.slice(at, at + 1);
    unread.push(word);
    at += word.length;
  }
  if (known.dn === undefined && given.dn !== undefined) known.dn = given.dn;
  if (known.type === undefined && given.type !== undefined) known.type = given.type;
  known.approvals?.sort();
  const family = familyOfSpec(known);
  if (family) known.family = family;
  if (known.type && isCheck(known.type)) known.kind = known.type.replace('check-', '');
  return { known, markings, open: openFields(known), unread };
}
