import fc from 'fast-check';
import {
  type LifeCostOption,
  type LifeSpread,
  chanceFailedBy,
  chanceInYear,
  expectedFailures,
  lifeCost,
} from './index.js';

const life: LifeSpread = { shape: 2, scaleYears: 10 };
const option = (more: Partial<LifeCostOption> = {}): LifeCostOption => ({
  name: 'stop',
  purchase: 10,
  install: 20,
  maintenancePerYear: 0,
  life,
  failure: { replaceCost: 100, damageCost: 1000, chance: 0.1 },
  ...more,
});
const lives = fc.record({
  shape: fc.double({ min: 0.5, max: 6, noNaN: true }),
  scaleYears: fc.double({ min: 1, max: 80, noNaN: true }),
});

/** Failures counted out over every way that lives may follow one another. */
function countedOut(of: LifeSpread, year: number): number {
  const failsAt = (from: number): number =>
    Array.from({ length: year - from }, (_, at) => at + 1).reduce(
      (sum, after) => sum + chanceInYear(of, after) * (from + after === year ? 1 : failsAt(from + after)),
      0,
    );
  return failsAt(0);
}

describe('a life', () => {
  it('has 63 % failed at its scale', () => {
    expect(chanceFailedBy(life, 10)).toBeCloseTo(1 - Math.exp(-1), 12);
  });

  it('has its years add up, also far past it', () => {
    fc.assert(
      fc.property(lives, fc.integer({ min: 1, max: 60 }), (of, years) => {
        const sum = Array.from({ length: years }, (_, at) => chanceInYear(of, at + 1)).reduce(
          (a, b) => a + b,
          0,
        );
        expect(sum).toBeCloseTo(chanceFailedBy(of, years), 10);
      }),
    );
    expect(chanceInYear({ shape: 3, scaleYears: 5 }, 20)).toBeGreaterThan(0);
  });

  it('fails as often as every way of following lives says', () => {
    for (const year of [1, 2, 3, 5, 8])
      expect(expectedFailures(life, 8)[year - 1]).toBeCloseTo(countedOut(life, year), 12);
  });

  it('without ageing fails alike each year', () => {
    const steady = expectedFailures({ shape: 1, scaleYears: 10 }, 30);
    expect(steady[29]).toBeCloseTo(steady[0] ?? 0, 12);
  });
});

describe('what a valve costs over the years', () => {
  it('is bought, kept, failed and replaced, each year discounted', () => {
    const [first] = lifeCost({
      horizonYears: 2,
      discountRate: 0.1,
      options: [option({ maintenancePerYear: 5 })],
    }).options;
    const [one = 0, two = 0] = expectedFailures(life, 2);
    expect(first?.byYear).toEqual([
      { year: 1, expectedFailures: one, cost: 5 + one * 200 },
      { year: 2, expectedFailures: two, cost: 5 + two * 200 },
    ]);
    expect(first?.presentCost).toBeCloseTo(30 + (5 + one * 200) / 1.1 + (5 + two * 200) / 1.21, 10);
    expect(first?.expectedFailures).toBeCloseTo(one + two, 12);
    expect(first?.chanceOfNoFailure).toBeCloseTo(Math.exp(-((2 / 10) ** 2)), 12);
  });

  it('breaks even where the dearer has become the cheaper, and never where it does not', () => {
    const cheap = option();
    const lasting = option({ name: 'lasting', purchase: 60, life: { shape: 2, scaleYears: 60 } });
    const { breakEvenYear = 0 } = lifeCost({
      horizonYears: 40,
      discountRate: 0.03,
      options: [cheap, lasting],
    });
    const costs = (horizonYears: number): number[] =>
      lifeCost({ horizonYears, discountRate: 0.03, options: [cheap, lasting] }).options.map(
        ({ presentCost }) => presentCost,
      );
    const [before, after] = [costs(breakEvenYear - 1), costs(breakEvenYear)] as [number[], number[]];
    expect(before[0]).toBeLessThan(before[1] ?? 0);
    expect(after[0]).toBeGreaterThanOrEqual(after[1] ?? 0);
    const dear = option({ name: 'dear', purchase: 1e6 });
    expect(lifeCost({ horizonYears: 40, discountRate: 0, options: [cheap, dear] })).not.toHaveProperty(
      'breakEvenYear',
    );
  });

  it('scales lives by the product of the factors', () => {
    const long = lifeCost({
      horizonYears: 10,
      discountRate: 0,
      options: [option()],
      factors: { exercised: 1.3, hardness: 0.7 },
    }).options[0];
    const same = lifeCost({
      horizonYears: 10,
      discountRate: 0,
      options: [option({ life: { shape: 2, scaleYears: 10 * 1.3 * 0.7 } })],
    }).options[0];
    expect(long?.presentCost).toBeCloseTo(same?.presentCost ?? 0, 10);
  });

  it('is less often without any failure for a shorter life', () => {
    fc.assert(
      fc.property(lives, fc.double({ min: 0.2, max: 1, noNaN: true }), (of, shorter) => {
        const [long, short] = lifeCost({
          horizonYears: 30,
          discountRate: 0.02,
          options: [option({ life: of }), option({ life: { ...of, scaleYears: of.scaleYears * shorter } })],
        }).options;
        expect(short?.chanceOfNoFailure ?? 1).toBeLessThanOrEqual((long?.chanceOfNoFailure ?? 0) + 1e-12);
      }),
    );
  });
});
