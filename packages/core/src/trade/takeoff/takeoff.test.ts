import fc from 'fast-check';
import { calculate, findCalculation } from '../../registry/index.js';
import type { WalkItem } from '../../judgement/walk/index.js';
import {
  COUNTED,
  STOPS_PER_FIXTURE,
  STOP_KINDS,
  STOP_KIND_FACTS,
  type StopKind,
  type TakeoffInput,
  USUAL_HOMES,
  USUAL_HOME_IDS,
  breakEvenYear,
  countedFixtures,
  decimalCeiling,
  decimalDifference,
  decimalProduct,
  stopsOfKind,
  takeoff,
} from './index.js';

const TERMINAL: TakeoffInput = {
  fixtures: [
    { kind: 'basin', count: 40 },
    { kind: 'toilet', count: 20 },
    { kind: 'shower', count: 8 },
  ],
  options: [
    { name: 'multi-turn', unitPrice: 4.1, breaks: [{ from: 100, unitPrice: 3.65 }], lifeYears: 10 },
    { name: 'quarter-turn', unitPrice: 6.9, lifeYears: 25 },
  ],
  spares: 0.05,
  currency: 'USD',
};

describe('a takeoff', () => {
  const counted = takeoff(TERMINAL);

  it('counts stops by fixture, and spares once on the total', () => {
    expect(counted.lines).toEqual([
      { kind: 'basin', count: 40, each: 2, total: 80 },
      { kind: 'toilet', count: 20, each: 1, total: 20 },
      { kind: 'shower', count: 8, each: 0, total: 0 },
    ]);
    expect(counted.quantity).toBe(105);
  });

  it('prices the whole quantity at the break it reaches', () => {
    expect(counted.options).toEqual([
      { name: 'multi-turn', unit: 3.65, total: 383.25, perYear: 38.325 },
      { name: 'quarter-turn', unit: 6.9, total: 724.5, perYear: 28.98 },
    ]);
    expect(
      takeoff({ ...TERMINAL, fixtures: [{ kind: 'basin', count: 49 }], spares: 0 }).options[0]!.unit,
    ).toBe(4.1);
  });

  it('says what the second costs more, in all, a stop and a fixture', () => {
    expect(counted.difference).toEqual({ total: 341.25, perUnit: 3.25, perFixture: 341.25 / 68 });
    expect(takeoff({ ...TERMINAL, options: TERMINAL.options.slice(0, 1) })).not.toHaveProperty('difference');
  });

  it('takes another template, over the usual one', () => {
    const showers = takeoff({ ...TERMINAL, template: { shower: 2 }, spares: 0 });
    expect(showers.quantity).toBe(116);
    expect(
      takeoff({ ...TERMINAL, fixtures: [{ kind: 'footbath', count: 3 }], template: { footbath: 2 } })
        .quantity,
    ).toBe(7);
  });

  it('comes to nothing for nothing, and never to no number', () => {
    const none = takeoff({ ...TERMINAL, fixtures: [] });
    expect(none).toMatchObject({ quantity: 0, difference: { total: 0, perFixture: 0 } });
  });

  it('refuses a kind nobody counts, and two breaks at one quantity', () => {
    expect(() => takeoff({ ...TERMINAL, fixtures: [{ kind: 'toString', count: 1 }] })).toThrow(
      /fixtures\[0\]\.kind is "toString"/,
    );
    const breaks = [
      { from: 10, unitPrice: 3 },
      { from: 10, unitPrice: 2 },
    ];
    expect(() => takeoff({ ...TERMINAL, options: [{ name: 'a', unitPrice: 4, breaks }] })).toThrow(
      /options\[0\]\.breaks\[1\]\.from/,
    );
    const calc = findCalculation('takeoff')!;
    expect(() => calculate(calc, { ...TERMINAL, template: { basin: 1.5 } })).toThrow(/template\.basin/);
    expect(() => calculate(calc, { ...TERMINAL, template: [] })).toThrow(/template/);
  });

  it('does not care in which order breaks are given', () => {
    const breaks = [
      { from: 50, unitPrice: 3.9 },
      { from: 10, unitPrice: 4 },
      { from: 100, unitPrice: 3.5 },
    ];
    for (const order of [breaks, [...breaks].reverse()])
      expect(
        takeoff({ ...TERMINAL, options: [{ name: 'a', unitPrice: 4.1, breaks: order }] }).options[0]!.unit,
      ).toBe(3.5);
  });
});

describe('kinds of stops', () => {
  it('share out every fixture once', () => {
    const served = STOP_KINDS.flatMap((kind) => STOP_KIND_FACTS[kind].serves);
    expect([...served].sort()).toEqual([...COUNTED].sort());
  });

  it('take one box for a fixture, and the template’s stops of the others', () => {
    const counts = { 'clothes-washer': 4, basin: 3, 'main-shut-off': 2 };
    const stops = (kind: StopKind): number => {
      const { fixtures, template } = stopsOfKind(kind, counts, STOPS_PER_FIXTURE);
      return takeoff({ fixtures, template, options: [], currency: 'USD' }).quantity;
    };
    expect(STOP_KINDS.map(stops)).toEqual([6, 4, 0, 0, 0, 2]);
  });

  it('of a usual home are all known', () => {
    for (const id of USUAL_HOME_IDS)
      for (const kind of Object.keys(USUAL_HOMES[id].counts)) expect(COUNTED).toContain(kind);
  });
});

describe('decimal sums', () => {
  it.each([
    [0.07, 100, 7],
    [1.1, 3, 3.3],
    [19.99, 3, 59.97],
    [1e-7, 3, 3e-7],
    [2.5e21, 2, 5e21],
    [-1.5, 0.1, -0.15],
  ])('%d times %d is %d', (a, b, product) => {
    expect(decimalProduct(a, b)).toBe(product);
  });

  it('are what cents would give', () => {
    const cents = fc.integer({ min: 0, max: 1_000_000 });
    fc.assert(
      fc.property(cents, cents, fc.integer({ min: 0, max: 5000 }), (a, b, pieces) => {
        expect(decimalDifference(a / 100, b / 100)).toBe((a - b) / 100);
        expect(decimalProduct(a / 100, pieces)).toBe((a * pieces) / 100);
        expect(decimalCeiling(a / 100, 100)).toBe(a);
      }),
    );
  });
});

describe('fixtures counted from the walks', () => {
  const fixture = (
    kind: 'basin' | 'toilet' | 'radiator' | 'shower',
    name: string,
    count?: number,
  ): WalkItem => ({
    id: `${kind} ${name}`,
    kind: 'fixture',
    depth: 0,
    fixture: kind,
    name,
    ...(count !== undefined && { count }),
  });

  it('count a basin on cold and on hot once, by the line that has most of them', () => {
    const cold = [
      fixture('basin', 'Staff rooms', 6),
      fixture('toilet', 'Staff rooms', 4),
      fixture('basin', 'Ticket hall'),
    ];
    const hot = [fixture('basin', 'Staff rooms', 5), fixture('shower', 'Bathhouse', 8)];
    expect(countedFixtures([cold, hot])).toEqual([
      { kind: 'basin', count: 7 },
      { kind: 'toilet', count: 4 },
      { kind: 'shower', count: 8 },
    ]);
  });

  it('add up those of one name on one line, and leave out what takes no stop of this kind', () => {
    expect(
      countedFixtures([
        [fixture('basin', 'Loft'), fixture('basin', 'Loft', 2), fixture('radiator', 'Hall', 9)],
      ]),
    ).toEqual([{ kind: 'basin', count: 3 }]);
  });
});

describe('where the dearer way comes out', () => {
  it.each([
    [{ total: 400, lifeYears: 8 }, { total: 700, lifeYears: 25 }, 8],
    [{ total: 400, lifeYears: 8 }, { total: 900, lifeYears: 25 }, 16],
    [{ total: 900, lifeYears: 25 }, { total: 400, lifeYears: 8 }, 16],
    [{ total: 400, lifeYears: 30 }, { total: 900, lifeYears: 25 }, undefined],
    [{ total: 400 }, { total: 900, lifeYears: 25 }, undefined],
    [{ total: 400, lifeYears: 8 }, { total: 400, lifeYears: 25 }, undefined],
  ])('%p against %p: %p', (a, b, year) => {
    expect(breakEvenYear(a, b)).toBe(year);
  });
});
