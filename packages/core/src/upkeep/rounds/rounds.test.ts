import fc from 'fast-check';
import { houseRuleSettings } from '../../judgement/selection/index.js';
import type { Condition } from '../../judgement/walk/index.js';
import {
  type KeptEntry,
  type KeptPosition,
  type TurnPoint,
  dueAt,
  highestTorqueNm,
  intervalsThatCount,
  judgeTurns,
  metersBetween,
  parseInterval,
  planDays,
  readInterval,
  readTurns,
  shortTour,
  siteCautions,
  stopMinutes,
  thinnedCurve,
  torqueLimitNm,
  twoPeople,
  valveInService,
  walkingOrder,
} from './index.js';

const NOW = new Date('2026-11-28T10:00:00Z');
const DEFAULTS = houseRuleSettings({});
const at = (more: Partial<KeptPosition> = {}): KeptPosition => ({
  medium: 'potable-cold',
  duty: { function: 'isolate', dn: 100 },
  model: { type: 'gate-resilient' },
  condition: {},
  handedOverAt: '2024-05-31T12:00:00Z',
  entries: [],
  ...more,
});
const due = (position: KeptPosition, settings = DEFAULTS, own = {}): string[] =>
  dueAt(position, settings, NOW, own)?.tasks.map(({ task, dueOn }) => `${task} ${dueOn}`) ?? [];

describe('the valve in service', () => {
  it.each<[string, Partial<KeptPosition>, object | undefined]>([
    ['the picked one, from its hand-over', {}, { type: 'gate-resilient', since: '2024-05-31' }],
    ['none, while the line is not handed over', { handedOverAt: undefined }, undefined],
    [
      'the old one, while the new one is not in',
      { handedOverAt: undefined, condition: { type: 'gate-solid' } },
      { type: 'gate-solid' },
    ],
    [
      'the one found there, from the hand-over of its line',
      { model: undefined, condition: { type: 'gate-resilient' } },
      { type: 'gate-resilient', since: '2024-05-31' },
    ],
    ['none, where none was found', { model: undefined, condition: { type: 'nothing' } }, undefined],
    [
      'the one that replaced it, from that day',
      { entries: [{ kind: 'replaced', happenedAt: '2026-02-03T09:00:00Z' }] },
      { type: 'gate-resilient', since: '2026-02-03' },
    ],
  ])('is %s', (_words, more, valve) => {
    expect(valveInService(at(more))).toEqual(valve);
  });
});

describe('what is due at a position', () => {
  it('counts from the hand-over, then from the last time it was done or operated', () => {
    expect(due(at())).toEqual(['exercise 2025-05-31']);
    const done: KeptEntry = {
      kind: 'visit',
      happenedAt: '2026-03-01T08:00:00Z',
      visit: { done: ['exercise'] },
    };
    expect(due(at({ entries: [done] }))).toEqual(['exercise 2027-03-01']);
    expect(due(at({ entries: [done, { kind: 'turned', happenedAt: '2026-08-02T08:00:00Z' }] }))).toEqual([
      'exercise 2027-08-02',
    ]);
  });

  it('is not counted where a visit did not do it', () => {
    expect(
      due(
        at({
          entries: [
            { kind: 'visit', happenedAt: '2026-03-01T08:00:00Z', visit: { done: [], notDone: 'no-access' } },
          ],
        }),
      ),
    ).toEqual(['exercise 2025-05-31']);
  });

  it.each<[Condition, string]>([
    [{ turning: 'seized' }, 'seized'],
    [{ holding: 'passes' }, 'leaks-by'],
  ])('does not operate what was found %j', (condition, why) => {
    const answer = dueAt(at({ condition }), DEFAULTS, NOW);
    expect(answer).toMatchObject({ tasks: [], doNotOperate: why });
  });

  it('leaves a solid gate alone that nobody operated for three years, where the house rule goes by age', () => {
    const gate = at({ model: { type: 'gate-solid' } });
    const byAge = houseRuleSettings({ 'old-gates': 'by-age' });
    expect(dueAt(gate, byAge, NOW)?.doNotOperate).toBe('unexercised');
    const operated = { ...gate, condition: { turnedAt: '2025-01-01T00:00:00Z' } };
    expect(dueAt(operated, byAge, NOW)?.doNotOperate).toBeUndefined();
  });

  it('takes the interval set nearest to the valve, and none where none is wanted', () => {
    const own = intervalsThatCount([
      { task: 'exercise', every: null, because: 'plastic', setBy: 'position' },
      { task: 'exercise', every: { months: 6 }, because: 'hard water', setBy: 'company' },
    ]);
    expect(due(at(), DEFAULTS, own)).toEqual([]);
    const hard = intervalsThatCount([
      { task: 'exercise', every: { months: 6 }, because: 'hard water', setBy: 'company' },
    ]);
    expect(dueAt(at(), DEFAULTS, NOW, hard)?.tasks).toMatchObject([
      { dueOn: '2024-11-30', why: 'hard water', setBy: 'company' },
    ]);
  });

  it.each([
    [{ task: 'exercise', because: ' ' } as const, /because/],
    [{ task: 'exercise', because: 'x', every: {} } as const, /either months or days/],
    [{ task: 'exercise', because: 'x', every: { months: 1, days: 1 } } as const, /either months or days/],
  ])('refuses the interval %j', (interval, message) => {
    expect(() => readInterval(interval)).toThrow(message);
  });

  it.each([
    ['6 months', { months: 6 }],
    ['every 7 days', { days: 7 }],
    ['2 weeks', { days: 14 }],
    ['1 year', { months: 12 }],
    ['month', { months: 1 }],
    ['Never', null],
    ['6 meses', { months: 6 }],
    ['cada año', { months: 12 }],
    ['7 días', { days: 7 }],
    ['nunca', null],
  ])('reads “%s”', (typed, interval) => {
    expect(parseInterval(typed)).toEqual(interval);
  });

  it.each(['', 'soon', '0 days', '-1 month', '6', '1.5 years'])('refuses “%s” as an interval', (typed) => {
    expect(() => parseInterval(typed)).toThrow(/like 6 months/);
  });

  it('reads months, days and never', () => {
    expect(readInterval({ task: 'exercise', every: { months: 6 }, because: 'x' })).toEqual({ months: 6 });
    expect(readInterval({ task: 'fire-look', every: { days: 3 }, because: 'x' })).toEqual({ days: 3 });
    expect(readInterval({ task: 'exercise', because: 'x' })).toBeNull();
  });
});

describe('a round', () => {
  it('goes along each line from its source, and over coordinates as a tour', () => {
    expect(
      walkingOrder([
        { id: 'far', line: 1, place: 1, coordinates: [8, 53.02] },
        { id: 'cold-2', line: 0, place: 2 },
        { id: 'near', line: 1, place: 2, coordinates: [8, 53.01] },
        { id: 'cold-1', line: 0, place: 1 },
      ]),
    ).toEqual(['cold-1', 'cold-2', 'far', 'near']);
  });

  it('passes every spot once, and no longer than in the order they came', () => {
    const spot = fc.tuple(
      fc.double({ min: 8, max: 8.05, noNaN: true }),
      fc.double({ min: 53, max: 53.05, noNaN: true }),
    );
    fc.assert(
      fc.property(fc.array(spot, { minLength: 1, maxLength: 25 }), (spots) => {
        const tour = shortTour(spots);
        expect([...tour].sort((a, b) => a - b)).toEqual([...spots.keys()]);
        const gaps = tour.slice(1).map((to, index) => metersBetween(spots[tour[index]!]!, spots[to]!));
        const crossing = tour.some((_, from) =>
          tour.some((__, to) => {
            if (from < 1 || to <= from || to + 1 >= tour.length) return false;
            const [a, b, c, d] = [tour[from - 1]!, tour[from]!, tour[to]!, tour[to + 1]!].map(
              (one) => spots[one]!,
            );
            return (
              metersBetween(a!, c!) + metersBetween(b!, d!) + 1 <
              metersBetween(a!, b!) + metersBetween(c!, d!)
            );
          }),
        );
        expect(crossing).toBe(false);
        expect(gaps.every((gap) => gap >= 0)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('takes longer at a large gate in the ground than at a stop', () => {
    expect(stopMinutes({ type: 'quarter-turn-stop', dn: 15, tasks: ['exercise'] })).toBe(12);
    expect(stopMinutes({ type: 'gate-resilient', dn: 300, place: 'buried', tasks: ['exercise'] })).toBe(60);
    expect(twoPeople('pit')).toMatch(/Two people/);
    expect(twoPeople('indoors')).toBeUndefined();
  });

  it('fills working days, skips the weekend, and gives a long stop a day of its own', () => {
    const days = planDays([60, 50, 40, 300, 10], { startsOn: '2026-11-27', hoursADay: 2 });
    expect(days.map(({ on, fromMin }) => `${on} ${fromMin}`)).toEqual([
      '2026-11-27 0',
      '2026-11-27 60',
      '2026-11-30 0',
      '2026-12-01 0',
      '2026-12-02 0',
    ]);
  });
});

describe('a curve of torque over turns', () => {
  const curve = (count: number, torque: (turn: number) => number): TurnPoint[] =>
    Array.from({ length: count * 10 }, (_, index) => ({ turn: index / 10, torqueNm: torque(index / 10) }));
  const judged = (points: TurnPoint[], isEnded = true) =>
    judgeTurns({ curve: points, usualTurns: 26, limitNm: torqueLimitNm(200), isEnded });

  it.each<[string, TurnPoint[], string]>([
    ['nothing yet', [], 'too-few'],
    ['even', curve(26.5, () => 25), 'even'],
    [
      'a bump in the middle',
      curve(26.5, (turn) => 22 + 35 * Math.exp(-(((turn - 11) / 1.2) ** 2))),
      'tight-patch',
    ],
    ['up and down', curve(26, (turn) => (Math.round(turn * 10) % 3 === 0 ? 55 : 20)), 'grating'],
    ['a stop half way', curve(14, () => 30), 'short'],
    ['no end', curve(33, () => 20), 'spinning'],
    ['a broken stem', curve(12, (turn) => (turn < 9 ? 40 : 3)), 'spinning'],
    ['too much', curve(9, (turn) => 20 + turn * 12), 'over-limit'],
    ['the other way', curve(5, () => 20).map((point) => ({ ...point, turn: -point.turn })), 'wrong-way'],
  ])('says %s', (_words, points, meaning) => {
    expect(judged(points).meaning).toBe(meaning);
  });

  it('says where the patch is, and whether it passed', () => {
    const patch = (turn: number): number => 22 + 35 * Math.exp(-(((turn - 11) / 1.2) ** 2));
    expect(judged(curve(20, patch), false)).toMatchObject({
      atTurn: 11,
      text: expect.stringMatching(/passed/),
    });
    expect(judged(curve(12, patch), false).text).toMatch(/Go back two turns/);
  });

  it('is thinned to the points asked for, its highest torque among them', () => {
    const whole = curve(80, (turn) => (turn === 33.3 ? 90 : 20));
    const thin = thinnedCurve(whole, 100);
    expect(thin.length).toBeLessThanOrEqual(100);
    expect(highestTorqueNm(thin)).toBe(90);
    expect([thin[0], thin.at(-1)]).toEqual([whole[0], whole.at(-1)]);
    expect(highestTorqueNm([])).toBeUndefined();
  });

  it('stops an 8 in gate at 80 ft·lb', () => {
    expect(torqueLimitNm(200) / 1.3558).toBeCloseTo(80, 0);
  });
});

describe('the file of a turn counter', () => {
  it('is read with the unit of its heading, and rows that are no numbers are left out', () => {
    const rows = [
      ['turn', 'torque ft·lb'],
      ['0.0', '20'],
      ['', ''],
      ['0.1', 'x'],
      ['0.2', '30'],
    ];
    expect(readTurns(rows)).toEqual([
      { turn: 0, torqueNm: 27.1 },
      { turn: 0.2, torqueNm: 40.7 },
    ]);
    expect(
      readTurns([
        ['Torque (N·m)', 'Turns'],
        ['12', '3'],
      ]),
    ).toEqual([{ turn: 3, torqueNm: 12 }]);
  });

  it.each([[[['turn', 'pressure psi']]], [[['turn', 'torque']]], [[]]])('%j is refused', (rows) => {
    expect(() => readTurns(rows)).toThrow();
  });
});

describe('what can hurt at a valve', () => {
  it.each([
    ['natural-gas', undefined, [/appliances off/]],
    ['raw-sewage', 'pit', [/confined space/, /Lock out the pump/]],
    ['fire-water', 'indoors', [/alarm company/]],
    ['potable-cold', 'buried', [/two people/]],
    ['potable-cold', 'indoors', []],
  ] as const)('of %s, %s', (medium, place, said) => {
    const cautions = siteCautions(medium, place);
    expect(cautions).toHaveLength(said.length);
    said.forEach((pattern, at) => expect(cautions[at]).toMatch(pattern));
  });
});
