import type { ValveType } from '../../ground/valves/index.js';
import { ORDER_MARKINGS, type OrderMarking } from './order-markings.js';
import { orderLine } from './order-line.js';
import { plainFlangeOf } from './plain-flange.js';
import { type ReadEnd, apart, readEndsAt } from './read-ends.js';
import { isRubberWedgeStandard } from './resilient-wedge-standard.js';
import { familyOfSpec, takenFamily } from './spec-family.js';
import { learn, markingAt, matchAt } from './scan-markings.js';
import { stopTypeOf } from './stop-type.js';
import { TAG_MARKINGS } from './tag-markings.js';
import type { OpenField, SpecEnd, ValveSpec } from './valve-spec.js';

export interface OrderReading {
  /** What was understood. */
  spec: ValveSpec;
  missing: OpenField[];
  /** Words not understood. */
  unread: string[];
  /** What was understood, said back in full. */
  text: string;
  quantity?: number;
}

const METAL_WEDGE = /metal[ -]wedge/i;
const BETWEEN = /[\s,;:|·]+/uy;
const ANY_WORD = /[^\s,;|·]+/uy;
const MARKINGS: readonly OrderMarking[] = [
  ...ORDER_MARKINGS,
  ...TAG_MARKINGS.filter(({ says }) => !says || !tellsEnds(says)),
];

/** Ends are read with their sizes, not as a marking. */
function tellsEnds(says: (found: readonly string[]) => ValveSpec): boolean {
  try {
    return says(['', '1', '1']).ends !== undefined;
  } catch {
    return false;
  }
}

/**
 * What an order line says, in whatever words and order: counter's shorthand, or a line of our own.
 *
 * @param text     one valve; the quantity apart
 * @param quantity how many
 * @returns what was understood, what is still open with why and the choices, what was not understood, and the line said back
 *
 * @example
 * readOrder('3/4" ball valve SWT full port LF').spec
 * // { type: 'ball', dn: 20, ends: [{ side: 'in', style: 'sweat' }, { side: 'out', style: 'sweat' }], port: 'full', leadFree: true, family: 'bronze' }
 */
export function readOrder(text: string, quantity?: number): OrderReading {
  const said = apart(text);
  const spec: ValveSpec = {};
  const ends: ReadEnd[] = [];
  const unread: string[] = [];
  for (let at = 0; at < said.length;) {
    const gap = matchAt(BETWEEN, said, at);
    if (gap) {
      at += gap[0].length;
      continue;
    }
    const stands = markingAt(MARKINGS, said, at);
    const joined = ends.length > 0 || stands?.marking.isPhrase ? undefined : readEndsAt(said, at);
    if (joined) {
      take(spec, ends, joined.ends);
      at = joined.to;
    } else if (stands) {
      learn(spec, stands.says);
      at += stands.found[0].length;
    } else {
      const word = matchAt(ANY_WORD, said, at)?.[0] ?? said.slice(at, at + 1);
      unread.push(word);
      at += word.length;
    }
  }
  settle(spec, ends);
  if (spec.type === 'gate-solid' && isRubberWedgeStandard(spec.standard) && !METAL_WEDGE.test(said))
    spec.type = 'gate-resilient';
  const { text: back, missing } = orderLine(spec);
  return { spec, missing, unread, text: back, ...(quantity !== undefined && { quantity }) };
}

/** The size before the first end is the valve's own, where no size was said yet. */
function take(spec: ValveSpec, ends: ReadEnd[], found: readonly ReadEnd[]): void {
  found.forEach(({ dn, ...end }, at) => {
    const isOwn = at === 0 && dn !== undefined && spec.dn === undefined;
    if (isOwn) spec.dn = dn;
    ends.push({ ...end, ...(dn !== undefined && !isOwn && { dn }) });
  });
}

/** Ends to their sides, and what type, kind and family follow from all that was said. */
function settle(spec: ValveSpec, ends: readonly ReadEnd[]): void {
  const { family: told } = spec;
  const isStop =
    told === 'stop' || spec.form !== undefined || spec.action !== undefined || familyOfSpec(spec) === 'stop';
  if (ends.length > 0) {
    const all = ends.length === 1 && !isStop ? [ends[0] as ReadEnd, ends[0] as ReadEnd] : ends;
    const sides: readonly SpecEnd['side'][] = isStop ? ['supply', 'fixture', 'fixture2'] : ['in', 'out'];
    spec.ends = all.slice(0, sides.length).map(({ style, ...sizes }, at): SpecEnd => ({
      side: sides[at] as SpecEnd['side'],
      style: style === 'flanged' ? plainFlangeOf(spec) : style,
      ...sizes,
    }));
  }
  const type: ValveType | undefined = spec.type ?? (isStop ? stopTypeOf(spec.form, spec.action) : undefined);
  if (type) spec.type = type;
  const family = told ?? (isStop ? 'stop' : takenFamily(spec));
  if (family) spec.family = family;
  if (family === 'check' && type?.startsWith('check-') && spec.kind === undefined)
    spec.kind = type.replace('check-', '');
}
