import { createHash } from 'node:crypto';
import type { QuotationLine } from '@grevik/contracts';
import { type AnsweredLine, type ValveSpec, orderLine, roundedAmount, valveSaid } from '@grevik/core';

/** A made-up supplier: how dear, how quick, and what it likes to offer in place of what is asked. */
export interface Supplier {
  id: string;
  words: string;
  /** Times the list price. */
  dear: number;
  /** Days at least. */
  leadDays: number;
  /** Largest size carried. */
  toDn: number;
  /** Offers something else for what it does not stock. */
  swaps: (spec: ValveSpec) => { spec: ValveSpec; why: string } | undefined;
}

const without = (spec: ValveSpec, ...fields: (keyof ValveSpec)[]): ValveSpec =>
  Object.fromEntries(Object.entries(spec).filter(([field]) => !fields.includes(field as keyof ValveSpec)));

/** The suppliers of the simulated price desk. None of them exists. */
export const SUPPLIERS: readonly Supplier[] = [
  {
    id: 'Quillside Supply',
    words: 'counter in town: higher prices, in stock',
    dear: 1.06,
    leadDays: 1,
    toDn: 150,
    swaps: (spec) =>
      spec.type === 'ball' && spec.port === 'full' && (spec.dn ?? 0) >= 40
        ? {
            spec: { ...spec, port: 'reduced' },
            why: 'Full port has three weeks lead time; reduced port is in stock.',
          }
        : undefined,
  },
  {
    id: 'Bramfold Trade',
    words: 'wholesale: cheaper, some days',
    dear: 0.93,
    leadDays: 4,
    toDn: 300,
    swaps: (spec) =>
      spec.body === 'dzr-brass' && (spec.dn ?? 0) <= 20
        ? {
            spec: { ...without(spec, 'leadFree', 'approvals'), body: 'brass' },
            why: 'The same valve in plain brass, in stock.',
          }
        : undefined,
  },
  {
    id: 'Upper Lock Waterworks',
    words: 'mains and large valves',
    dear: 0.98,
    leadDays: 9,
    toDn: 900,
    swaps: (spec) =>
      spec.standard === 'AWWA C515'
        ? { spec: { ...spec, standard: 'AWWA C509' }, why: 'C509 in stock, C515 to order.' }
        : undefined,
  },
];

/** A list price that hangs together: by size, then by what it is made of and how it closes. Invented, like the suppliers. */
function listPrice({ dn = 20, type = 'ball', body, action }: ValveSpec): number {
  const size = 3 + 0.011 * dn ** 2 + 0.28 * dn;
  const kind = type.startsWith('gate')
    ? 1.2
    : type.startsWith('check')
      ? 0.9
      : type.includes('stop')
        ? 0.6
        : 1;
  const metal = body === 'stainless' ? 2.1 : body === 'ductile-iron' ? 0.8 : body === 'pvc' ? 0.5 : 1;
  return size * kind * metal * (action === 'quarter-turn' ? 1.5 : 1);
}

/** The same for the same words, whichever server answers. */
const drawn = (text: string, of: number): number =>
  createHash('sha256').update(text).digest().readUInt32BE(0) % of;

const QUESTIONS: Partial<Record<keyof ValveSpec, string>> = {
  type: 'What kind of valve is it?',
  dn: 'Which size?',
  ends: 'Which connection on which end?',
  opening: 'Open left or open right?',
  standard: 'To which AWWA standard?',
  body: 'Which metal or plastic?',
  port: 'Full port or reduced?',
  seat: 'What seats?',
  rating: 'Which rating?',
  operator: 'Lever, wheel, gear or nut?',
  form: 'Straight or angle?',
  action: 'Quarter turn or multi-turn?',
  facing: 'Raised face or flat face?',
  bonnet: 'Which bonnet?',
  stem: 'Rising stem or not?',
  coating: 'Epoxy-coated or bare?',
  kind: 'Which type of check?',
  rangePa: 'Which spring range?',
  trim: 'Which trim? It is on the tag, not on the casting.',
  approvals: 'For drinking water, gas or neither?',
  orientation: 'Horizontal or vertical, and which flow direction?',
  setPressurePa: 'Which set pressure?',
};

/**
 * What a supplier says to one line: a question where it is not said in full, something else where that is on the shelf, else a price with its
 * breaks.
 */
export function quoted(supplier: Supplier, { line, text }: QuotationLine): AnsweredLine {
  const spec = valveSaid(text);
  if (!spec) return priced(supplier, line, 2 + drawn(text, 900) / 100);
  const { missing } = orderLine(spec);
  const ends = spec.ends ?? [];
  if (ends.some(({ style }) => style === 'socket-weld') && ends.some(({ style }) => style !== 'socket-weld'))
    return { line, question: 'Which end is socket-weld: the inlet or the outlet?' };
  const [open] = missing;
  if (open) return { line, question: QUESTIONS[open.field] ?? open.why };
  if ((spec.dn ?? 0) > supplier.toDn) return { line, why: 'Not carried in this size.' };
  const swap = supplier.swaps(spec);
  if (swap)
    return {
      ...priced(supplier, line, listPrice(swap.spec) * 0.85),
      instead: orderLine(swap.spec).text,
      why: swap.why,
    };
  return priced(supplier, line, listPrice(spec) * (1 + drawn(text, 9) / 100));
}

function priced(supplier: Supplier, line: string, list: number): AnsweredLine {
  const each = list * supplier.dear;
  return {
    line,
    unitPrice: roundedAmount(each),
    breaks: [
      { from: 10, unitPrice: roundedAmount(each * 0.95) },
      { from: 50, unitPrice: roundedAmount(each * 0.88) },
    ],
    leadDays: supplier.leadDays + drawn(line, 4),
  };
}
