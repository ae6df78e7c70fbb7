import { calculation } from '../../ground/calculation/index.js';
import {
  type Field,
  InvalidInput,
  list,
  number,
  optional,
  record,
  refuse,
  text,
} from '../../ground/input/index.js';
import { STOPS_PER_FIXTURE } from './stops-per-fixture.js';
import { takeoff } from './takeoff.js';

const MOST_KINDS = 1_000;
const count = number({ integer: true, min: 0, max: 1_000_000 });
const price = number({ unit: 'currency, each', min: 0, max: 1e9 });

/** Stops by kind of fixture. */
const template: Field<Record<string, number>> = {
  takes: 'an object of stops by kind of fixture, like {"basin": 2}',
  schema: { type: 'object', additionalProperties: { type: 'integer', minimum: 0 } },
  read(value, path) {
    if (typeof value !== 'object' || value === null || Array.isArray(value))
      throw refuse(path, value, template.takes);
    const kinds = Object.keys(value).length;
    if (kinds > MOST_KINDS)
      throw new InvalidInput(path, `${path} has ${kinds} kinds of fixture: give at most ${MOST_KINDS}.`);
    return Object.fromEntries(
      Object.entries(value).map(([kind, stops]) => [kind, count.read(stops, `${path}.${kind}`)]),
    );
  },
};

export const takeoffCalculation = calculation({
  name: 'takeoff',
  summary: 'Counts the stops of a job from its fixtures and compares options by price.',
  input: record({
    fixtures: list(record({ kind: text(60), count }), { most: 10_000 }),
    template: optional(template),
    options: list(
      record({
        name: text(120),
        unitPrice: price,
        breaks: optional(
          list(record({ from: number({ integer: true, min: 1, max: 1_000_000 }), unitPrice: price }), {
            most: 50,
          }),
        ),
        lifeYears: optional(number({ unit: 'years', min: 0.01, max: 1000 })),
      }),
      { most: 100 },
    ),
    spares: optional(number({ min: 0, max: 10, meaning: 'fraction of the quantity' })),
    currency: text(10, 'like USD'),
  }),
  gives: {
    quantity: 'stops in all, spares with them',
    lines: 'kind, count, each, total',
    options: 'name, unit (price at that quantity), total, perYear where its life is given',
    difference: 'total, perUnit and perFixture of the second option less the first, where there are two',
  },
  notes: [
    `Template unless given: ${Object.entries(STOPS_PER_FIXTURE)
      .map(([kind, stops]) => `${kind} ${stops}`)
      .join(', ')}.`,
    'A break’s price holds for the whole quantity. Spares are rounded up once, on the total. Sums and products are decimal, not binary.',
  ],
  example: {
    fixtures: [
      { kind: 'basin', count: 40 },
      { kind: 'toilet', count: 20 },
    ],
    options: [
      { name: 'multi-turn', unitPrice: 4.1, breaks: [{ from: 100, unitPrice: 3.65 }], lifeYears: 10 },
      { name: 'quarter-turn', unitPrice: 6.9, lifeYears: 25 },
    ],
    spares: 0.05,
    currency: 'USD',
  },
  run: takeoff,
});
