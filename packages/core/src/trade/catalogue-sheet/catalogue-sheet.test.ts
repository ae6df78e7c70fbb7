import fc from 'fast-check';
import { type CatalogueModel, catalogueModelInput } from '../../judgement/line-up/index.js';
import { APPROVALS, BODY_MATERIALS, ENDS, VALVE_TYPES } from '../../ground/valves/index.js';
import { catalogueSheet, readCatalogueSheet } from './index.js';

const word = fc.stringMatching(/^[A-Z][a-z]{1,8}[0-9]{0,2}$/);
const price = fc.integer({ min: 0, max: 100_000 }).map((cents) => cents / 100);
const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined });
const written = <T extends object>(model: T): T => JSON.parse(JSON.stringify(model)) as T;

const models = fc
  .uniqueArray(
    fc.record({
      maker: word,
      model: word,
      type: fc.constantFrom(...VALVE_TYPES),
      bodyMaterial: maybe(fc.constantFrom(...BODY_MATERIALS)),
      plasticStem: maybe(fc.boolean()),
      setPressurePa: maybe(fc.constant(1034214)),
      rangePa: maybe(fc.constant([172369, 517107])),
      normally: maybe(fc.constantFrom('open', 'closed')),
      voltageV: maybe(fc.constantFrom(24, 120)),
      sealWeld: maybe(fc.boolean()),
      turns: maybe(fc.integer({ min: 1, max: 99 })),
      ends: maybe(fc.tuple(fc.constantFrom(...ENDS), fc.constantFrom(...ENDS))),
      points: maybe(
        fc.constant([
          { temperatureC: 20, pressurePa: 4137000 },
          { temperatureC: 90.5, pressurePa: 2000000 },
        ]),
      ),
      approvals: maybe(fc.subarray([...APPROVALS])),
      lifeYears: maybe(fc.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 20, max: 40 }))),
      spares: maybe(
        fc.array(fc.record({ name: word, price, everyYears: fc.integer({ min: 1, max: 9 }) }), {
          minLength: 1,
          maxLength: 3,
        }),
      ),
      sizes: fc.uniqueArray(
        fc.record({
          dn: fc.constantFrom(15, 20, 25, 100),
          boreM: maybe(fc.double({ min: 0.001, max: 1, noNaN: true })),
          port: maybe(fc.constantFrom('full', 'reduced')),
          operator: maybe(fc.constant('gear')),
          ends: maybe(fc.constant(['fip', 'mip'])),
          ratingId: maybe(fc.constant('body-steel-150')),
          capacityKgH: maybe(fc.integer({ min: 1, max: 900 })),
          price,
          breaks: maybe(
            fc.array(fc.record({ from: fc.integer({ min: 2, max: 99 }), price }), {
              minLength: 1,
              maxLength: 3,
            }),
          ),
        }),
        { minLength: 1, maxLength: 4, selector: ({ dn }) => dn },
      ),
    }),
    { maxLength: 6, selector: ({ maker, model }) => `${maker} ${model}`.toLowerCase() },
  )
  .map((list) => list.map((model) => catalogueModelInput.read(written(model), '')));

const BALL: CatalogueModel = catalogueModelInput.read(
  {
    maker: 'Ostrand',
    model: '21P',
    type: 'ball',
    port: 'full',
    sizes: [
      { dn: 15, price: 9 },
      { dn: 20, price: 14 },
    ],
  },
  '',
);
const [HEADING = [], FIRST = [], SECOND = []] = catalogueSheet([BALL]);
const withCell = (row: readonly string[], column: string, cell: string): string[] =>
  row.map((was, at) => (HEADING[at] === column ? cell : was));

describe('a catalogue as a sheet', () => {
  it('comes back equal', () => {
    fc.assert(
      fc.property(models, (given) => {
        const { models: back, problems } = readCatalogueSheet(catalogueSheet(given));
        expect(problems).toEqual([]);
        expect(back.map(written)).toEqual(given.map(written));
      }),
    );
  });

  it.each([
    ['type', 'spigot', 'type'],
    ['port', 'wide', 'port'],
    ['dn', 'half', 'dn'],
    ['price', '-1', 'price'],
    ['kv', 'x', 'kv'],
    ['ends', 'fip', 'ends'],
    ['breaks from:price', '1:3', 'breaks from:price'],
  ])(
    'refuses a row whose %s is “%s”, naming the column, and leaves the model out whole',
    (column, cell, named) => {
      const { models: taken, problems } = readCatalogueSheet([
        HEADING,
        FIRST,
        withCell(SECOND, column, cell),
      ]);
      expect(taken).toEqual([]);
      expect(problems).toMatchObject([{ row: 3, column: named }]);
      expect(problems[0]!.message).not.toContain('sizes[0]');
    },
  );

  it('takes the other models beside one that is refused', () => {
    const other = withCell(FIRST, 'model', '22');
    const { models: taken } = readCatalogueSheet([HEADING, other, withCell(FIRST, 'type', 'x'), ['', '']]);
    expect(taken.map(({ model }) => model)).toEqual(['22']);
  });

  it('refuses two rows that describe one model in two ways, and a size that is there twice', () => {
    expect(readCatalogueSheet([HEADING, FIRST, withCell(SECOND, 'port', 'reduced')]).problems).toMatchObject([
      { row: 3, message: expect.stringContaining('row 2') as string },
    ]);
    expect(readCatalogueSheet([HEADING, FIRST, FIRST]).problems).toMatchObject([{ row: 3, column: 'dn' }]);
  });

  it('names missing columns, and those it does not read', () => {
    expect(() => readCatalogueSheet([['maker', 'model']])).toThrow('type, dn, price are missing');
    expect(
      readCatalogueSheet([
        [...HEADING, 'colour'],
        [...FIRST, 'red'],
      ]).unread,
    ).toEqual(['colour']);
  });
});
