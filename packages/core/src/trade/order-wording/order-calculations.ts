import { calculation } from '../../ground/calculation/index.js';
import { number, optional, record, text } from '../../ground/input/index.js';
import { orderLine } from './order-line.js';
import { readOrder } from './read-order.js';
import { specInput } from './spec-input.js';
import type { ValveSpec } from './valve-spec.js';

export const orderLineCalculation = calculation({
  name: 'order-line',
  summary: 'Writes the complete order line of a valve, in the trade’s order, and what is still missing.',
  input: specInput,
  gives: {
    text: 'the ordering words in the trade’s order',
    short: 'the counter’s everyday name',
    missing: 'field, why it matters and choices of what an order still needs',
    conflicts: 'fields that cannot be together, and why',
    complete: 'whether nothing is missing and nothing in conflict',
  },
  notes: ['read-order reads the line back to the same valve, for every complete valve.'],
  example: {
    family: 'stop',
    type: 'quarter-turn-stop',
    dn: 15,
    form: 'angle',
    action: 'quarter-turn',
    ends: [
      { side: 'supply', style: 'pex-barb' },
      { side: 'fixture', style: 'od-compression', odIn: 0.375 },
    ],
  },
  run: (spec) => orderLine(spec as ValveSpec),
});

export const readOrderCalculation = calculation({
  name: 'read-order',
  summary: 'Reads an order line in any wording, and gives what was understood and what is missing.',
  input: record({
    text: text(1000, 'one valve, as written'),
    quantity: optional(number({ integer: true, min: 1, max: 1_000_000 })),
  }),
  gives: {
    spec: 'what was understood, field by field',
    missing: 'field, why it matters and choices of what an order still needs',
    unread: 'words that were not understood',
    text: 'what was understood, as a complete order line',
    quantity: 'what was read, else what was given',
    readings: 'each way to read it, the likelier first, where there is more than one',
    conflicts: 'fields that cannot be together, and why',
  },
  notes: [
    'A size before the first connection is the valve’s own. A single connection applies to both sides.',
    '“Standard” does not say enough and is among the words not understood. A stainless stem is understood and has no field.',
    'Where the product family is not known, a valve up to DN100 is read as small bronze.',
  ],
  example: { text: '3/4" ball valve SWT full port', quantity: 6 },
  run: ({ text: said, quantity }) => readOrder(said, quantity),
});
