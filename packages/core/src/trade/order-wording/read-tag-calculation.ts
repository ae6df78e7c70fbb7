import { calculation } from '../../ground/calculation/index.js';
import { choice, number, optional, record, text } from '../../ground/input/index.js';
import { VALVE_TYPES } from '../../ground/valves/index.js';
import { readTag } from './read-tag.js';

export const readTagCalculation = calculation({
  name: 'read-tag',
  summary:
    'Reads the markings of a tag or casting: what is known of the valve, and what an order still needs.',
  input: record({
    text: text(500, 'markings on the tag or casting, in any order'),
    dn: optional(number({ integer: true, above: 0, meaning: 'nominal size, where it is known otherwise' })),
    type: optional(choice(VALVE_TYPES, 'where it is known otherwise')),
  }),
  gives: {
    known: 'what is known, field by field as a valve is ordered',
    markings: 'text and meaning of each marking',
    open: 'field, why it matters and choices of what an order still needs',
    unread: 'words that mean nothing here',
  },
  notes: [
    'A bare number is a pressure class where it is one, else a size in inches.',
    'Of several pressures the first class is the rating, else the first said. Marking practice: MSS SP-25.',
    'Castings give size, rating and material; trim, bonnet, stem and port are on the tag.',
  ],
  example: { text: '3 300 WCB' },
  run: ({ text: said, dn, type }) =>
    readTag(said, { ...(dn !== undefined && { dn }), ...(type && { type }) }),
});
