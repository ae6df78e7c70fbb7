import { InvalidInput } from '../../ground/input/index.js';
import type { Accessory, Approval } from '../../ground/valves/index.js';
import type { ValveSpec } from './valve-spec.js';

/** Something a text may say: what it looks like, and what is then known. */
export interface Said {
  pattern: RegExp;
  says?(found: readonly string[]): ValveSpec;
}

/** A sticky pattern at a place of a text. */
export function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(text);
}

/**
 * The first of a table's markings that stands at a place of a text.
 *
 * @param table in the order it is tried; a size that is not made lets the next be tried
 *
 * @example
 * markingAt(TAG_MARKINGS, '300 WCB', 4)?.found[0] // 'WCB'
 */
export function markingAt<M extends Said>(
  table: readonly M[],
  text: string,
  at: number,
): { marking: M; found: RegExpExecArray; says: ValveSpec } | undefined {
  for (const marking of table) {
    const found = matchAt(marking.pattern, text, at);
    if (!found) continue;
    try {
      return { marking, found, says: marking.says?.(found) ?? {} };
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
    }
  }
  return undefined;
}

/** The first word on a thing stands, but a class goes before other pressures; approvals and accessories add up in the order they are said. */
export function learn(known: ValveSpec, { approvals, accessories, rating, ...rest }: ValveSpec): void {
  if (accessories)
    known.accessories = [...new Set<Accessory>([...(known.accessories ?? []), ...accessories])];
  if (approvals) known.approvals = [...new Set<Approval>([...(known.approvals ?? []), ...approvals])];
  if (rating && (!known.rating || (rating.kind === 'class' && known.rating.kind !== 'class')))
    known.rating = rating;
  Object.assign(known, { ...rest, ...known });
}
