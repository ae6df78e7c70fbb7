import { type ValveType, isPlastic, valveTypeFacts } from '../../ground/valves/index.js';
import { ORDER_MARKINGS, type OrderMarking } from './order-markings.js';
import { orderLine } from './order-line.js';
import { plainFlangeOf } from './plain-flange.js';
import { type ReadEnd, apart, readEndsAt } from './read-ends.js';
import { isRubberWedgeStandard } from './resilient-wedge-standard.js';
import { familyOfSpec, takenFamily } from './spec-family.js';
import { learn, markingAt, matchAt } from './scan-markings.js';
import { readQuantity, sizesInFigures } from './read-quantity.js';
import type { Conflict } from './spec-conflicts.js';
import { withoutSpanish } from './spanish-words.js';
import { stopTypeOf } from './stop-type.js';
import { typesOfThing } from './things.js';
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
  /** What was read, else what was given. */
  quantity?: number;
  /** What of it cannot be together. */
  conflicts: Conflict[];
  /** Where the text can be read in more than one way: each of them, the likelier first. */
  readings?: { quantity?: number; spec: ValveSpec }[];
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
 * What an order line says, in whatever words and order, English, Spanish or both: counter's shorthand, or a line of our own.
 *
 * @param text     one valve, with or without its count
 * @param quantity how many, where the text does not say
 * @returns what was understood, what is still open with why and the choices, what was not understood, and the line said back
 *
 * @example
 * readOrder('3/4" ball valve SWT full port LF').spec
 * // { type: 'ball', dn: 20, ends: [{ side: 'in', style: 'sweat' }, { side: 'out', style: 'sweat' }], port: 'full', leadFree: true, family: 'bronze' }
 */
export function readOrder(text: string, quantity?: number): OrderReading {
  const { quantity: counted, rest, mixed } = readQuantity(sizesInFigures(apart(withoutSpanish(text))));
  if (mixed === undefined) return reading(rest, counted ?? quantity);
  const [asOne, asCount] = [reading(mixed, quantity), reading(rest, counted)];
  if (!isMade(asOne.spec) && isMade(asCount.spec)) return asCount;
  if (isMade(asOne.spec) && !isMade(asCount.spec)) return asOne;
  return {
    ...asOne,
    readings: [asOne, asCount].map(({ spec, quantity: of }) => ({
      ...(of !== undefined && { quantity: of }),
      spec,
    })),
  };
}

/** Whether the type is made in the size, as far as both are known. */
function isMade({ type, dn }: ValveSpec): boolean {
  if (type === undefined || dn === undefined) return true;
  const [from, to] = valveTypeFacts(type).madeDn;
  return dn >= from && dn <= to;
}

/** One valve, its count apart. */
function reading(said: string, quantity: number | undefined): OrderReading {
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
  settle(spec, ends, said);
  if (spec.type === 'gate-solid' && isRubberWedgeStandard(spec.standard) && !METAL_WEDGE.test(said))
    spec.type = 'gate-resilient';
  const { text: back, missing, conflicts } = orderLine(spec);
  return {
    spec,
    missing: ofThing(missing, said),
    conflicts,
    unread,
    text: back,
    ...(quantity !== undefined && { quantity }),
  };
}

/** A thing that may be of a few types asks which of them. */
function ofThing(missing: OpenField[], said: string): OpenField[] {
  const may = typesOfThing(said);
  return missing.map((open) => (open.field === 'type' && may ? { ...open, choices: may } : open));
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
function settle(spec: ValveSpec, ends: readonly ReadEnd[], said: string): void {
  const { family: told } = spec;
  const isStop =
    told === 'stop' || spec.form !== undefined || spec.action !== undefined || familyOfSpec(spec) === 'stop';
  if (ends.length > 0) {
    const all = ends.length === 1 && !isStop ? [ends[0] as ReadEnd, ends[0] as ReadEnd] : ends;
    const sides: readonly SpecEnd['side'][] = isStop ? ['supply', 'fixture', 'fixture2'] : ['in', 'out'];
    const socket = isPlastic(spec.body) ? 'solvent-socket' : 'socket-weld';
    const flange = plainFlangeOf({ ...spec, ends });
    spec.ends = all.slice(0, sides.length).map(({ style, dn, ...size }, at): SpecEnd => ({
      side: sides[at] as SpecEnd['side'],
      style: style === 'flanged' ? flange : style === 'socket' ? socket : style,
      ...(dn !== undefined && { dn }),
      ...size,
    }));
  }
  if (spec.facing && spec.ends === undefined) {
    const style = plainFlangeOf(spec);
    spec.ends = [
      { side: 'in', style },
      { side: 'out', style },
    ];
  }
  if (/wash(?:er|ing)|laundry/iu.test(said) && spec.form === 'box' && spec.ends?.length === 1)
    spec.ends.push({ side: 'fixture', style: 'male-hose', dn: 20 });
  const type: ValveType | undefined = spec.type ?? (isStop ? stopTypeOf(spec.form, spec.action) : undefined);
  if (type) spec.type = type;
  const family = told ?? (isStop ? 'stop' : takenFamily(spec));
  if (family) spec.family = family;
  if (family === 'check' && type?.startsWith('check-') && spec.kind === undefined)
    spec.kind = type.replace('check-', '');
}
