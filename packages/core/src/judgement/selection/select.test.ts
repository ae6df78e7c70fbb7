import fc from 'fast-check';
import type { InvalidInput } from '../../ground/input/index.js';
import { calculate, findCalculation } from '../../registry/index.js';
import { VALVE_TYPES } from '../../ground/valves/index.js';
import type { Selection } from './index.js';

const select = (input: unknown): Selection => calculate(findCalculation('select')!, input) as Selection;
const duty = { function: 'isolate', medium: 'potable-cold', dn: 20, pressurePa: 517107, temperatureC: 10 };
const ball = {
  type: 'ball',
  port: 'full',
  seatMaterial: 'ptfe',
  ratingId: 'body-brass-600cwp',
  operator: 'lever',
  ends: ['press', 'press'],
  approvals: ['potable'],
};

describe('select', () => {
  it('gives one result a candidate in the order given, and ranks what is not out', () => {
    const { results, ranked } = select({
      duty,
      candidates: [{ ...ball, approvals: [] }, { ...ball, ratingId: undefined }, ball],
    });
    expect(results.map(({ index, verdict }) => [index, verdict])).toEqual([
      [0, 'out'],
      [1, 'care'],
      [2, 'fits'],
    ]);
    expect(results.map(({ score }) => score)).toEqual([null, 88, 100]);
    expect(ranked).toEqual([2, 1]);
  });

  it('moves a nylon seat out at 90 degrees C', () => {
    const at = (temperatureC: number): string | undefined =>
      select({ duty: { ...duty, temperatureC }, candidates: [{ ...ball, seatMaterial: 'nylon' }] }).results[0]
        ?.verdict;
    expect([at(10), at(75), at(90)]).toEqual(['fits', 'care', 'out']);
  });

  it('without candidates judges every type that could serve, and asks nothing of a generic self', () => {
    const { results } = select({ duty });
    const types = results.map(({ type }) => type);
    expect(types).toHaveLength(21);
    expect(types).toContain('gate-solid');
    expect(types).not.toContain('check-swing');
    expect(types).not.toContain('relief');
    expect(
      results.flatMap(({ reasons }) => reasons).filter(({ rule }) => rule.startsWith('unknown-')),
    ).toEqual([]);
    expect(
      select({ duty: { ...duty, function: 'non-return' } }).results.every(({ type }) =>
        type.startsWith('check'),
      ),
    ).toBe(true);
  });

  it('blends in the price per year when all have one, and breaks ties by pieces, price and type', () => {
    const priced = (unitPrice: number, lifeYears: [number, number], more = {}): object => ({
      ...ball,
      unitPrice,
      lifeYears,
      ...more,
    });
    const { results, ranked } = select({
      duty,
      candidates: [priced(30, [20, 20]), priced(15, [20, 20]), priced(15, [5, 5])],
    });
    expect(results.map(({ score }) => score)).toEqual([85, 100, 77.5]);
    expect(ranked).toEqual([1, 0, 2]);
    expect(
      select({ duty, candidates: [priced(30, [20, 20]), ball] }).results.map(({ score }) => score),
    ).toEqual([100, 100]);
    expect(
      select({
        duty,
        candidates: [
          { ...ball, pieces: 3 },
          { ...ball, pieces: 1 },
        ],
      }).ranked,
    ).toEqual([1, 0]);
    expect(
      select({
        duty,
        candidates: [
          { ...ball, unitPrice: 9 },
          { ...ball, unitPrice: 7 },
        ],
      }).ranked,
    ).toEqual([1, 0]);
  });

  it('quotes the house rule in force', () => {
    const { results } = select({
      duty: { ...duty, function: 'throttle' },
      candidates: [ball],
      houseRules: { 'ball-throttling': 'never' },
    });
    expect(results[0]).toMatchObject({
      verdict: 'out',
      reasons: [{ rule: 'ball-throttle', houseRule: 'ball-throttling' }],
    });
  });

  it('a rule that rules out wins over any number that supports', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VALVE_TYPES),
        fc.constantFrom('isolate', 'throttle', 'non-return'),
        fc.double({ min: 0, max: 5e6, noNaN: true }),
        (type, asked, pressurePa) => {
          const [result] = select({
            duty: { ...duty, function: asked, pressurePa },
            candidates: [{ ...ball, type }],
          }).results;
          const verdicts = result!.reasons.map((reason) => reason.verdict);
          const expected = verdicts.includes('out') ? 'out' : verdicts.includes('care') ? 'care' : 'fits';
          expect(result!.verdict).toBe(expected);
          expect(result!.score === null).toBe(expected === 'out');
        },
      ),
    );
  });

  it.each([
    [{}, 'duty'],
    [{ duty: { ...duty, medium: 'soup' } }, 'duty.medium'],
    [{ duty: { ...duty, dn: 19.5 } }, 'duty.dn'],
    [{ duty: { ...duty, pressurePa: -1 } }, 'duty.pressurePa'],
    [{ duty: { ...duty, pipe: { material: 'cheese' } } }, 'duty.pipe.material'],
    [{ duty: { ...duty, pipe: {} } }, 'duty.pipe.material'],
    [{ duty: { ...duty, colour: 1 } }, 'duty.colour'],
    [{ duty, candidates: {} }, 'candidates'],
    [{ duty, candidates: [{ type: 'spout' }] }, 'candidates[0].type'],
    [{ duty, candidates: [{ ...ball, ends: ['press'] }] }, 'candidates[0].ends'],
    [
      {
        duty,
        candidates: [
          {
            ...ball,
            points: [
              { temperatureC: 0, pressurePa: 1 },
              { temperatureC: 9, pressurePa: 1 },
            ],
          },
        ],
      },
      'candidates[0].points',
    ],
    [{ duty, candidates: [{ ...ball, lifeYears: [9, 5] }] }, 'candidates[0].lifeYears'],
    [{ duty, houseRules: { 'ball-throttling': 'maybe' } }, 'houseRules.ball-throttling'],
    [{ duty, houseRules: { colour: 'red' } }, 'houseRules.colour'],
  ])('refuses %j at %s', (input, field) => {
    expect(() => select(input)).toThrow(expect.objectContaining({ field }) as InvalidInput);
  });
});
