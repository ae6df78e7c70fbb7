import fc from 'fast-check';
import { VALVE_TYPES, type ValveType } from '../../ground/valves/index.js';
import {
  type LifeSeen,
  chanceFailedBy,
  correctedLife,
  learnedFrom,
  livesSeen,
  ownGateLife,
  typicalLife,
  valveLife,
} from './index.js';

const ball = valveLife({ type: 'ball', medium: 'potable-cold' });
const corrected = (lives: readonly LifeSeen[], type: ValveType = 'ball') =>
  correctedLife(ball, learnedFrom(lives)(type, ball.shape));
const seen = (ageYears: number, failed: boolean): LifeSeen => ({ type: 'ball', ageYears, failed, factor: 1 });

describe('the life of a valve where it stands', () => {
  it.each(VALVE_TYPES)('of a %s has a figure and says where it is from', (type) => {
    const { medianYears, shape, source } = typicalLife(type, 'potable-cold', false);
    expect(medianYears).toBeGreaterThan(0);
    expect(shape).toBeGreaterThan(1);
    expect(source).not.toBe('');
  });

  it('has half of them failed at its median', () => {
    expect(ball.medianYears).toBe(30);
    expect(chanceFailedBy(ball, 30)).toBeCloseTo(0.5, 12);
  });

  it('of a gate goes by when it was last operated, and says so', () => {
    const gate = { type: 'gate-solid', medium: 'potable-cold' } as const;
    expect(valveLife({ ...gate, yearsUnturned: 1 }).medianYears).toBe(25);
    expect(valveLife({ ...gate, yearsUnturned: 6 }).because).toContain(
      'last operated 6 years ago: not exercised',
    );
    expect(valveLife(gate)).toMatchObject({ medianYears: 12 });
    expect(valveLife(gate).because).toContain('nobody recorded operating it: taken as not exercised');
    expect(valveLife({ type: 'gate-resilient', medium: 'potable-cold', yearsUnturned: 1 }).factor).toBe(1.3);
  });

  it('is shorter where the water is, and only for what it harms', () => {
    const harsh = {
      medium: 'potable-cold',
      hardWater: true,
      chloramine: true,
      aggressiveToBrass: true,
    } as const;
    expect(valveLife({ type: 'compression-stop', ...harsh }).factor).toBeCloseTo(0.42, 12);
    expect(valveLife({ type: 'gate-solid', ...harsh, yellowBrass: true }).factor).toBeCloseTo(0.35, 12);
    expect(valveLife({ type: 'radiator-metering', medium: 'steam-low' }).because).toHaveLength(1);
  });

  it('of a check on sewage is that of its ball or flapper', () => {
    expect(valveLife({ type: 'check-ball', medium: 'raw-sewage' }).medianYears).toBe(3);
    expect(valveLife({ type: 'check-ball', medium: 'potable-cold' }).medianYears).toBeGreaterThan(5);
  });
});

describe('a life corrected by what the company saw', () => {
  it('stays as it was where nothing was seen, with a wide band', () => {
    const { medianYears, medianBand, failed, working } = corrected([]);
    expect(medianYears).toBeCloseTo(30, 9);
    expect([failed, working]).toEqual([0, 0]);
    expect(medianBand[0]).toBeLessThan(27);
    expect(medianBand[1]).toBeGreaterThan(34);
  });

  it('adds up what was seen once for a type and shape, whoever asks', () => {
    const learned = learnedFrom([seen(10, true), seen(5, false)]);
    expect(learned('ball', 2)).toEqual({ failed: 1, working: 1, exposure: 125 });
    expect(learned('ball', 2)).toBe(learned('ball', 2));
    expect(learned('globe', 2)).toEqual({ failed: 0, working: 0, exposure: 0 });
  });

  it('is shorter for early failures and longer for what still works; other types say nothing', () => {
    const early = Array.from({ length: 12 }, () => seen(8, true));
    expect(corrected(early).medianYears).toBeLessThan(20);
    const old = Array.from({ length: 12 }, () => seen(40, false));
    expect(corrected(old)).toMatchObject({ failed: 0, working: 12 });
    expect(corrected(old).medianYears).toBeGreaterThan(40);
    expect(corrected(early, 'globe').medianYears).toBeCloseTo(30, 9);
  });

  it('finds the life that valves really have, failed and working together, the band narrower with each', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        let state = seed;
        const random = (): number => (state = (state * 16807) % 2147483647) / 2147483647;
        const trueScale = 14;
        const of = Array.from({ length: 400 }, () => {
          const lasts = trueScale * (-Math.log(1 - random())) ** (1 / ball.shape);
          const watched = 4 + 16 * random();
          return seen(Math.min(lasts, watched), lasts <= watched);
        });
        const all = corrected(of);
        const few = corrected(of.slice(0, 40));
        expect(all.scaleYears / trueScale).toBeGreaterThan(0.85);
        expect(all.scaleYears / trueScale).toBeLessThan(1.2);
        expect(all.medianBand[1] - all.medianBand[0]).toBeLessThan(few.medianBand[1] - few.medianBand[0]);
      }),
      { numRuns: 30 },
    );
  });

  it('speaks for a side of the house rule from ten failures on', () => {
    const own = { shape: 2, scaleYears: 1, medianBand: [1, 2] as const, working: 0 };
    expect(ownGateLife({ ...own, failed: 9, medianYears: 5 })).toBeUndefined();
    expect(ownGateLife({ ...own, failed: 10, medianYears: 5 })).toBe('on-sight');
    expect(ownGateLife({ ...own, failed: 10, medianYears: 15 })).toBe('planned');
    expect(ownGateLife({ ...own, failed: 10, medianYears: 22 })).toBe('exercised');
  });
});

describe('what a log says on lives', () => {
  it('counts a failure at its first finding, the next valve from its own day, and what works as lasting so long', () => {
    const lives = livesSeen(
      [
        { at: '2000-01-01T00:00:00Z', replaced: true },
        { at: '2014-06-01T00:00:00Z', replaced: true },
        { at: '2010-01-01T00:00:00Z', type: 'gate-solid', fails: true },
        { at: '2012-01-01T00:00:00Z', fails: true },
        { at: '2005-01-01T00:00:00Z', works: true },
        { at: '2026-06-01T00:00:00Z', works: true },
      ],
      'ball',
      (type) => (type === 'ball' ? 1 : 0.7),
    );
    expect(lives.map(({ type }) => type)).toEqual(['gate-solid', 'ball']);
    expect(lives.map(({ ageYears, failed }) => [Math.round(ageYears), failed])).toEqual([
      [10, true],
      [12, false],
    ]);
    expect(lives[0]?.factor).toBe(0.7);
  });

  it('says nothing where nobody knows when the valve was put in', () => {
    expect(livesSeen([{ at: '2010-01-01', fails: true }], 'ball', () => 1)).toEqual([]);
    // What stood there before is of no type that anybody wrote down.
    const before = [
      { at: '2000-01-01', replaced: true },
      { at: '2010-01-01', fails: true },
      { at: '2011-01-01', replaced: true },
    ];
    expect(livesSeen(before, 'ball', () => 1)).toEqual([]);
  });
});
