import { InvalidInput } from '@grevik/core';
import { Refusal } from '../errors/refusal.js';

/** Nothing Grevik is sent goes deeper than this. */
const DEEPEST = 40;

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const COMMA = 0x2c;

/** Zero characters, which PostgreSQL keeps in no text, and halves of surrogate pairs, which are no text at all. */
const UNKEEPABLE = /\0|\p{Surrogate}/u;
/** How a document writes one: without such an escape none is in it, since the bytes are UTF-8. */
const UNKEEPABLE_ESCAPE = /\\u(?:0000|d[89a-f])/i;

/**
 * Reads a JSON document from its bytes. What no part of Grevik could take is refused: too many values, too deep a nest (both counted before
 * anything is built of it), and characters that no text can keep.
 *
 * @param bytes      UTF-8
 * @param mostValues how many values, of all levels together, the document may hold
 * @throws InvalidInput where it is not JSON, too deep or has such a character; Refusal 413 where it holds too many values
 *
 * @example
 * parseJson(Buffer.from('[1, 2]'), 10) // [1, 2]
 */
export function parseJson(bytes: Uint8Array, mostValues: number): unknown {
  countValues(bytes, mostValues);
  const text = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).toString('utf8');
  let value: unknown;
  try {
    value = JSON.parse(text.startsWith('\uFEFF') ? text.slice(1) : text);
  } catch {
    throw new InvalidInput('request', 'The request is not JSON: check its quotes and commas.');
  }
  if (UNKEEPABLE_ESCAPE.test(text)) {
    const path = unkeepableIn(value);
    if (path !== undefined)
      throw new InvalidInput(
        path || 'request',
        `${path || 'The request'} has a character that cannot be stored (zero, or half of a surrogate pair): remove it.`,
      );
  }
  return value;
}

/** One pass over the bytes, nothing built. */
function countValues(bytes: Uint8Array, most: number): void {
  let depth = 0;
  let values = 1;
  for (let at = 0; at < bytes.length; at += 1) {
    const byte = bytes[at];
    if (byte === QUOTE) {
      for (at += 1; at < bytes.length && bytes[at] !== QUOTE; at += 1) if (bytes[at] === BACKSLASH) at += 1;
    } else if (byte === 0x5b || byte === 0x7b) {
      depth += 1;
      values += 1;
      if (depth > DEEPEST)
        throw new InvalidInput('request', `The request is nested deeper than ${DEEPEST} levels.`);
    } else if (byte === 0x5d || byte === 0x7d) depth -= 1;
    else if (byte === COMMA) {
      values += 1;
      if (values > most)
        throw new Refusal(413, {
          code: 'too-large',
          message: `The request holds more than ${most} values: send it in parts.`,
        });
    }
  }
}

/** Where an unkeepable character stands; undefined where there is none. The path is built on the way back from one. */
function unkeepableIn(value: unknown): string | undefined {
  if (typeof value === 'string') return UNKEEPABLE.test(value) ? '' : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  for (const [name, inner] of Object.entries(value)) {
    const inside = UNKEEPABLE.test(name) ? '' : unkeepableIn(inner);
    if (inside !== undefined) return inside === '' ? name : `${name}.${inside}`;
  }
  return undefined;
}
