import type { Duty } from '../../judgement/duty/index.js';
import { houseRuleSettings } from '../../judgement/selection/index.js';
import {
  learnedByType,
  learnedFrom,
  learnedIn,
  lifeCost,
  ownGates,
  ownLivesSaid,
  runningCosts,
  withMedian,
  followedHouseRules,
} from '../life/index.js';
import { STANDARD_BUDGET, type CandidatePlace, candidateCost } from './index.js';

const DUTY: Duty = { medium: 'potable-cold', function: 'isolate', dn: 20, place: 'indoors' };
const place = (more: Partial<CandidatePlace> = {}): CandidatePlace => ({
  duty: DUTY,
  settings: STANDARD_BUDGET,
  houseRules: houseRuleSettings({}),
  learned: learnedFrom([]),
  ...more,
});
const costed = (more?: Partial<CandidatePlace>, type: 'ball' | 'gate-solid' = 'ball') =>
  candidateCost({ name: 'One', type, price: 25 }, place(more));

describe('what a candidate costs', () => {
  it('is its price, the hours to put it in, and its visits by the interval table', () => {
    const { option, hours, minutesAYear } = costed();
    expect(option.purchase).toBe(25);
    expect(option.install).toBeCloseTo(hours * 95, 9);
    // Exercised once a year: 4 minutes there and 8 for the handle.
    expect(minutesAYear).toBeCloseTo(12, 9);
    expect(option.maintenancePerYear).toBeCloseTo(0.2 * 95, 9);
  });

  it('takes a valve that nobody will exercise as unexercised', () => {
    const houseRules = houseRuleSettings({ 'old-gates': 'leave' });
    expect(costed({ houseRules }, 'gate-solid').life.medianYears).toBeCloseTo(12, 9);
    expect(costed({}, 'gate-solid').life.medianYears).toBeCloseTo(25, 9);
    expect(costed({ houseRules }, 'gate-solid').minutesAYear).toBe(0);
  });

  it('counts the damage by what gets wet, twice behind a shut-off that does not turn, and none of gas', () => {
    const known = costed({ wets: 'public-room' });
    expect(known.option.failure).toMatchObject({ damageCost: 12_000, chance: 0.3 });
    expect(known.because).toContain('gets wet: a public room');
    expect(costed({ wets: 'public-room', isBehindSeized: true }).option.failure.damageCost).toBe(24_000);
    expect(costed().because.join()).toContain('nobody was asked');
    expect(costed({ duty: { ...DUTY, medium: 'natural-gas' } }).option.failure.chance).toBe(0);
  });

  it('follows what the company saw, whether it is added up here or was before', () => {
    const seen = Array.from({ length: 20 }, () => ({
      type: 'ball' as const,
      ageYears: 6,
      failed: true,
      factor: 1,
    }));
    const own = costed({ learned: learnedFrom(seen) });
    expect(own.life.medianYears).toBeLessThan(costed().life.medianYears);
    expect(own.because).toContain('own valves of this type: 20 failed, 0 known to work');
    const sent = learnedByType(seen, 'potable-cold');
    expect(costed({ learned: learnedIn(sent) }).life).toEqual(own.life);
  });

  it('adds up year by year to its present cost', () => {
    const { option } = costed();
    const { options } = lifeCost({ horizonYears: 20, discountRate: 0.03, options: [option] });
    const running = runningCosts(options[0]!, 0.03);
    expect(running).toHaveLength(21);
    expect(running[0]).toBeCloseTo(option.purchase + option.install, 6);
    expect(running[20]).toBeCloseTo(options[0]!.presentCost, 6);
  });
});

describe('a life that the company corrected', () => {
  it('is said with what it rests on, and stands for another median', () => {
    expect(ownLivesSaid({ failed: 3, working: 9 })).toEqual([
      'own valves of this type: 3 failed, 9 known to work',
    ]);
    expect(ownLivesSaid({ failed: 0, working: 0 })).toEqual([]);
    expect(withMedian({ shape: 2, scaleYears: 12, medianYears: 10 }, 5)).toEqual({ shape: 2, scaleYears: 6 });
  });
});

describe('the house rule on gates', () => {
  const gates = (failed: number, ageYears: number) =>
    ownGates(
      Array.from({ length: failed }, () => ({
        type: 'gate-solid' as const,
        ageYears,
        failed: true,
        factor: 1,
      })),
    );

  it.each([
    [9, 4, null],
    [12, 4, 'on-sight'],
    [12, 14, 'planned'],
    [12, 40, 'exercised'],
  ] as const)('with %i gates that failed at %i years speaks for %s', (failed, age, option) => {
    expect(gates(failed, age).option).toBe(option);
    expect(followedHouseRules(gates(failed, age))).toEqual(option === null ? {} : { 'gate-life': option });
  });

  it('is followed by nothing where nothing was seen', () => {
    expect(followedHouseRules(null)).toEqual({});
    const { medianYears, ...counted } = ownGates([]);
    expect(medianYears).toBeCloseTo(12, 9);
    expect(counted).toEqual({ failed: 0, working: 0, option: null });
  });
});
