import { houseRuleSettings } from '../../judgement/selection/index.js';
import { learnedFrom } from '../life/index.js';
import type { WalkItem } from '../../judgement/walk/index.js';
import {
  type BudgetedValve,
  type ServedValve,
  STANDARD_BUDGET,
  WETS,
  budgetCurve,
  budgetOf,
  budgetSettingsInput,
  budgetValve,
  hoursToChange,
  mustNotWait,
  outagesOnLine,
} from './index.js';

const stop: ServedValve = {
  ...{ id: 'CW-104', type: 'gate-solid', medium: 'potable-cold', dn: 20 },
  ...{ ageYears: 22, price: 40, wets: 'floor-below' },
};
const figured = (more: Partial<ServedValve> = {}, settings = STANDARD_BUDGET): BudgetedValve => {
  const one = budgetValve({ ...stop, ...more }, settings, learnedFrom([]));
  if (typeof one === 'string') throw new Error(one);
  return one;
};

describe('a valve in a budget', () => {
  it('costs valve and hours in good time; failing it costs the call, the longer hours and the damage', () => {
    const { valve, consequence } = figured();
    expect(valve.cost).toBe(40 + 1.5 * 95);
    expect(valve.failure.replaceCost).toBe(40 + 250 + 1.5 * 95 * 1.5);
    expect(consequence).toBeCloseTo(valve.failure.replaceCost + 0.3 * 9000, 9);
    expect([10, 50, 100, 150, 400].map(hoursToChange)).toEqual([1.5, 2.5, 5, 10, 20]);
  });

  it('is worse behind a shut-off that does not turn', () => {
    expect(figured({ isBehindSeized: true }).valve.failure.damageCost).toBe(18_000);
    expect(figured({ isBehindSeized: true }).because).toContain('the shut-off before it does not turn');
  });

  it('is not planned where age or price is unknown; an age taken for it is said to be taken', () => {
    expect(budgetValve({ ...stop, ageYears: undefined }, STANDARD_BUDGET, learnedFrom([]))).toBe('age');
    expect(budgetValve({ ...stop, price: undefined }, STANDARD_BUDGET, learnedFrom([]))).toBe('price');
    const taken = figured({ ageYears: undefined }, { ...STANDARD_BUDGET, ageIfUnknown: 30 });
    expect(taken.valve.ageYears).toBe(30);
    expect(taken.assumed).toEqual(['age']);
    const failed = figured({ ageYears: undefined, isFailed: true }, { ...STANDARD_BUDGET, ageIfUnknown: 30 });
    expect(failed).toMatchObject({ ageYears: 30, assumed: ['age'] });
  });

  it('says where what gets wet was taken by its place', () => {
    expect(figured({ wets: undefined, place: 'buried' })).toMatchObject({ assumed: ['wets'] });
    expect(figured({ wets: undefined, place: 'buried' }).valve.failure.damageCost).toBe(300);
    expect(figured({ wets: undefined }).valve.failure.damageCost).toBe(800);
  });

  it('counts no flooding for gas', () => {
    expect(figured({ medium: 'natural-gas' }).valve.failure.chance).toBe(0);
  });

  it('rests on own valves where there are some', () => {
    const one = budgetValve(
      stop,
      STANDARD_BUDGET,
      learnedFrom([{ type: 'gate-solid', ageYears: 6, failed: true, factor: 1 }]),
    );
    expect((one as BudgetedValve).because).toContain('own valves of this type: 1 failed, 0 known to work');
  });
});

describe('a budget', () => {
  const valves = Array.from({ length: 30 }, (_, at): ServedValve => ({
    ...stop,
    id: `V-${at}`,
    ageYears: at,
    wets: WETS[at % 5],
    price: 30 + at,
  }));
  const settings = { ...STANDARD_BUDGET, money: [600, 600, 600, 600, 600] };

  it('plans within the money, costs no more than no plan, and less money costs more', () => {
    const budget = budgetOf({ settings, valves, seen: [], moved: {} });
    for (const { spend } of budget.byYear) expect(spend).toBeLessThanOrEqual(600);
    expect(budget.presentCost).toBeLessThan(budget.withoutPlanCost);
    expect(budget.lines.some(({ year }) => year === 1)).toBe(true);
    const curve = budgetCurve({ settings, valves, seen: [], moved: {} });
    const costs = curve.map(({ presentCost }) => presentCost);
    expect(costs).toEqual([...costs].sort((a, b) => b - a));
    expect(curve.find(({ money }) => money === 600)?.presentCost).toBeCloseTo(budget.presentCost, 6);
    expect(curve[0]?.presentCost).toBeCloseTo(budget.withoutPlanCost, 6);
  });

  it('keeps what was moved by hand where it was put, and plans the rest around it', () => {
    const first = budgetOf({ settings, valves, seen: [], moved: {} });
    const early = first.lines.find(({ year }) => year === 1)!.valve.id;
    const moved = budgetOf({ settings, valves, seen: [], moved: { [early]: 4, 'V-0': 1 } });
    const yearOf = (id: string) => moved.lines.find(({ valve }) => valve.id === id)?.year;
    expect([yearOf(early), yearOf('V-0')]).toEqual([4, 1]);
    expect(moved.presentCost).toBeGreaterThan(first.presentCost);
  });

  it('plans what has failed before the same that has not, and needs no age for it', () => {
    const young = { ...stop, ageYears: 6 };
    const failed = { ...young, id: 'F', ageYears: undefined, isFailed: true };
    const scarce = { ...settings, money: [200, 200] };
    const { lines } = budgetOf({
      settings: { ...scarce, years: 2 },
      valves: [young, failed],
      seen: [],
      moved: {},
    });
    expect(lines.map(({ valve, year }) => [valve.id, year])).toContainEqual(['F', 1]);
    expect(lines.find(({ isFailed }) => isFailed)).toMatchObject({ ageYears: undefined, assumed: [] });
  });

  it('leaves out what may not wait: that stands above it', () => {
    const above = { ...stop, id: 'GA-1', mustNotWait: 'Gas leaks at it.' };
    const { lines, notPlanned } = budgetOf({ settings, valves: [above], seen: [], moved: {} });
    expect([lines, notPlanned]).toEqual([[], []]);
  });

  it('names what it could not plan, and refuses settings that are none', () => {
    const unknown = { ...stop, id: 'X', ageYears: undefined };
    expect(budgetOf({ settings, valves: [unknown], seen: [], moved: {} }).notPlanned).toEqual([
      { id: 'X', missing: 'age' },
    ]);
    expect(() => budgetSettingsInput.read({ ...settings, discountRate: 3 }, 'settings')).toThrow(
      'settings.discountRate is 3',
    );
  });
});

describe('what a failure does beside the money', () => {
  it.each([
    ['gas-leaks', 'natural-gas', 'isolate', true],
    ['gas-seized', 'lp-gas', 'isolate', true],
    ['leaks-by', 'fire-water', 'isolate', true],
    ['leaks', 'fire-water', 'isolate', false],
    ['seized', 'potable-cold', 'emergency-shutoff', true],
    ['seized', 'potable-cold', 'isolate', false],
  ] as const)('%s on %s, to %s: must not wait %s', (failure, medium, asked, waitsNot) => {
    expect(mustNotWait(failure, medium, asked) !== undefined).toBe(waitsNot);
  });

  it('names who is dry, and the shut-off that does not turn before it', () => {
    const items: WalkItem[] = [
      { id: 's', kind: 'source', depth: 0 },
      { id: 'a', kind: 'valve', depth: 0, positionId: 'main' },
      { id: 'b', kind: 'valve', depth: 0, positionId: 'branch' },
      { id: 'f', kind: 'fixture', depth: 0, fixture: 'basin', name: 'Bakery' },
      { id: 'e', kind: 'fixture', depth: 0, fixture: 'basin', name: 'Kiosk' },
    ];
    const valve = (id: string, turning: 'freely' | 'seized') => ({
      ...{ id, duty: { function: 'isolate' as const } },
      condition: { type: 'ball' as const, turning, turnedAt: '2026-10-01T00:00:00Z' },
    });
    const now = new Date('2026-11-29');
    const of = (turning: 'freely' | 'seized') =>
      outagesOnLine(
        { items, positions: [valve('main', turning), valve('branch', 'freely')] },
        houseRuleSettings(),
        now,
      ).find(({ positionId }) => positionId === 'branch');
    expect(of('freely')).toEqual({ positionId: 'branch', dry: ['Bakery', 'Kiosk'], isBehindSeized: false });
    expect(of('seized')?.isBehindSeized).toBe(true);
    const line = { items, positions: [valve('main', 'freely'), valve('branch', 'freely')] };
    expect(outagesOnLine(line, houseRuleSettings(), now, 'branch')).toEqual([of('freely')]);
    expect(outagesOnLine(line, houseRuleSettings(), now)).toHaveLength(2);
  });
});
