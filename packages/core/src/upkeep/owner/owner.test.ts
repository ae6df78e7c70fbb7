import fc from 'fast-check';
import { coinAmounts } from '../../trade/orders/index.js';
import { FAILURE_WORDS, type Failure } from '../../judgement/board/index.js';
import { correctedLife, learnedFrom, valveLife } from '../life/index.js';
import { type OwnerFacts, ownerPrice, ownerWords } from './index.js';

const ball = valveLife({ type: 'ball', medium: 'potable-cold' });
const life = correctedLife(ball, learnedFrom([])('ball', ball.shape));
const FACTS: OwnerFacts = {
  type: 'ball',
  medium: 'potable-cold',
  failure: null,
  dry: [],
  money: (amount) => `$${amount}`,
};

describe('a price for an owner', () => {
  it('is said to the smallest coin of its currency', () => {
    expect(coinAmounts('USD')(142.5)).toBe('$142.50');
    expect(coinAmounts('JPY')(142.5)).toBe('¥143');
  });

  it('is worked out in the smallest coins', () => {
    expect(ownerPrice({ valve: 21.9, parts: 8.5, hours: 1.5, hourlyRate: 95, taxRate: 0.07 }, 2)).toEqual({
      valve: 21.9,
      parts: 8.5,
      work: 142.5,
      tax: 12.1,
      whole: 185,
    });
    expect(ownerPrice({ valve: 1.005, parts: 0, hours: 0, hourlyRate: 0 }, 2).valve).toBe(1.01);
    expect(ownerPrice({ valve: 1250.4, parts: 0, hours: 1, hourlyRate: 99.5 }, 0).whole).toBe(1350);
  });

  it('adds up as it is printed, whatever it is made up of', () => {
    const amount = fc.double({ min: 0, max: 1e5, noNaN: true });
    fc.assert(
      fc.property(
        amount,
        amount,
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (valve, parts, hours, taxRate) => {
          const { whole, ...made } = ownerPrice({ valve, parts, hours, hourlyRate: 95, taxRate }, 2);
          const coins = Object.values(made).reduce((sum, one) => sum + Math.round(one * 100), 0);
          expect(Math.round(whole * 100)).toBe(coins);
        },
      ),
    );
  });
});

describe('what an owner is told', () => {
  it.each(Object.keys(FAILURE_WORDS) as Failure[])('of %s stands in everyday words', (failure) => {
    const { found, ifNothing } = ownerWords({ ...FACTS, failure });
    expect(found).toMatch(/^[A-Z].*\.$/);
    expect(ifNothing).not.toBe('');
    if (failure.startsWith('gas')) expect(ifNothing).toContain('Local code');
  });

  it('has the chance as a range with its source where the age is known, and none where it is not', () => {
    const { canHappen } = ownerWords({ ...FACTS, life, ageYears: 12 });
    expect(canHappen).toMatch(
      /^It is about 12 years old\. Of 100 such valves of that age (fewer than )?\d+ to \d+ fail within a year \(from experience, not statistics\)\.$/,
    );
    expect(ownerWords({ ...FACTS, life }).canHappen).toBe('');
    expect(
      ownerWords({ ...FACTS, life: { ...life, failed: 3, working: 9 }, ageYears: 12 }).canHappen,
    ).toContain('12 valves of this kind in our own log');
    // What has failed has no chance left.
    expect(ownerWords({ ...FACTS, life, ageYears: 12, failure: 'seized' }).canHappen).toBe('');
  });

  it('has what a failure costs, who is without water, and no damage by gas', () => {
    const costs = { replaceCost: 480, damageCost: 9000, chance: 0.3 };
    const { canHappen } = ownerWords({ ...FACTS, costs, wets: 'floor-below', dry: ['Café', 'Staff rooms'] });
    expect(canHappen).toContain(
      'about $480. In about 3 of 10 such cases the water also does damage of about $9000: a finished floor below',
    );
    expect(canHappen).toMatch(/While it is changed there is nothing at: Café, Staff rooms\.$/);
    const gas = ownerWords({
      ...FACTS,
      medium: 'natural-gas',
      failure: 'gas-seized',
      costs: { ...costs, chance: 0 },
    });
    expect(gas.canHappen).toBe('Replaced in an emergency it costs about $480.');
    expect(
      ownerWords({ ...FACTS, medium: 'raw-sewage', type: 'check-ball', failure: 'leaks-by', costs }).found,
    ).toBe('The check valve lets what was pumped run back.');
  });
});
