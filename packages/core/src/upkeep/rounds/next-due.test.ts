import fc from 'fast-check';
import { InvalidInput } from '../../ground/input/index.js';
import { TASKS } from '../../judgement/log/index.js';
import { houseRuleSettings } from '../../judgement/selection/index.js';
import {
  type KeptValve,
  type NextDueCase,
  calendarDay,
  dayAfter,
  daysBetween,
  leftAlone,
  nextDue,
  nextDueCalculation,
} from './index.js';

const AS_OF = '2026-11-28';
const valve = (more: Partial<NextDueCase> = {}): NextDueCase => ({
  type: 'gate-resilient',
  medium: 'potable-cold',
  function: 'isolate',
  dn: 100,
  asOf: AS_OF,
  ...more,
});
/** What is done and how often, as `exercise 12 months`. */
const every = (more: Partial<NextDueCase>): string[] =>
  nextDue(valve(more)).tasks.map(({ task, every: interval }) =>
    'months' in interval ? `${task} ${interval.months} months` : `${task} ${interval.days} days`,
  );

describe('days', () => {
  it.each([
    ['2026-01-31', { months: 1 }, '2026-02-28'],
    ['2024-01-31', { months: 1 }, '2024-02-29'],
    ['2024-02-29', { months: 12 }, '2025-02-28'],
    ['2026-12-31', { months: 6 }, '2027-06-30'],
    ['2026-12-29', { days: 7 }, '2027-01-05'],
    ['2024-02-28', { days: 1 }, '2024-02-29'],
  ] as const)('%s and %j is %s', (day, interval, after) => {
    expect(dayAfter(day, interval)).toBe(after);
  });

  it.each([
    '2026-02-29',
    '2026-13-01',
    '2026-00-10',
    '2026-04-31',
    '26-04-30',
    '2026-4-3',
    'today',
    '',
    20260101,
  ])('refuse %p', (day) => {
    expect(() => calendarDay.read(day, 'asOf')).toThrow(InvalidInput);
  });
});

describe('what is done how often', () => {
  it.each<[string, Partial<NextDueCase>, string[]]>([
    ['a sealed fire valve', { medium: 'fire-water' }, ['fire-exercise 12 months', 'fire-look 7 days']],
    [
      'a locked fire valve',
      { medium: 'fire-water', operator: 'locking-lever' },
      ['fire-exercise 12 months', 'fire-look 1 months'],
    ],
    [
      'a supervised fire valve',
      { medium: 'fire-water', supervised: true },
      ['fire-exercise 12 months', 'fire-look 1 months'],
    ],
    ['a gate on water', {}, ['exercise 12 months']],
    ['a compression stop', { type: 'compression-stop' }, ['exercise 12 months']],
    ['a valve that throttles', { function: 'throttle', type: 'globe' }, []],
    [
      'a gas cock',
      { type: 'plug-taper', medium: 'natural-gas' },
      ['exercise 12 months', 'gas-leak 12 months'],
    ],
    [
      'a lubricated plug on gas',
      { type: 'plug-lubricated', medium: 'lp-gas', function: 'emergency-shutoff' },
      ['exercise 12 months', 'gas-leak 12 months', 'lubricate 12 months'],
    ],
    ['a knife gate', { type: 'knife-gate', medium: 'slurry' }, ['exercise 12 months', 'packing 6 months']],
    [
      'a gate on steam',
      { type: 'gate-solid', medium: 'steam-low' },
      ['exercise 12 months', 'packing 12 months'],
    ],
    [
      'a radiator valve',
      { type: 'radiator-disc', medium: 'steam-low', function: 'throttle' },
      ['packing 12 months'],
    ],
    [
      'a ball check on sewage',
      { type: 'check-ball', medium: 'raw-sewage', function: 'non-return' },
      ['count-starts 1 months', 'look-inside 12 months'],
    ],
    [
      'a swing check on effluent',
      { type: 'check-swing-weighted', medium: 'screened-effluent', function: 'non-return' },
      ['count-starts 1 months', 'look-inside 6 months'],
    ],
    [
      'a spring check on effluent',
      { type: 'check-spring-inline', medium: 'screened-effluent', function: 'non-return', dn: 40 },
      ['count-starts 1 months', 'look-inside 12 months'],
    ],
    ['a small check on water', { type: 'check-swing', function: 'non-return', dn: 40 }, []],
    [
      'a check of DN50 on water',
      { type: 'check-swing', function: 'non-return', dn: 50 },
      ['look-inside 24 months'],
    ],
    [
      'a reducer',
      { type: 'pressure-reducing', function: 'reduce-pressure' },
      ['reducer-check 12 months', 'strainer 12 months'],
    ],
    [
      'a relief on heating water',
      { type: 'relief', medium: 'heating-water', function: 'relieve' },
      ['lift 12 months'],
    ],
    ['a relief on steam', { type: 'relief', medium: 'steam-low', function: 'relieve' }, []],
    [
      'a three-piece ball on sewage',
      { type: 'ball', pieces: 3, medium: 'raw-sewage' },
      ['exercise 12 months', 'seat-adjust 12 months'],
    ],
    ['a ball where none is maintained', { type: 'ball', houseRules: { 'ball-maintenance': 'none' } }, []],
    ['an old gate left alone', { type: 'gate-solid', houseRules: { 'old-gates': 'leave' } }, []],
  ])('%s', (_what, more, tasks) => {
    expect(every(more).sort()).toEqual(tasks);
  });

  it('says which house rule keeps something from being done', () => {
    const gate: KeptValve = { type: 'gate-solid', medium: 'potable-cold', function: 'isolate', dn: 25 };
    expect(leftAlone(gate, houseRuleSettings({ 'old-gates': 'leave' }))).toMatchObject([
      { task: 'exercise', houseRule: 'old-gates' },
    ]);
    expect(leftAlone(gate, houseRuleSettings())).toEqual([]);
  });
});

describe('when it is due', () => {
  it('is its interval after it was last done, and after nothing else that was done', () => {
    const done = [
      { task: 'exercise' as const, on: '2025-10-31' },
      { task: 'exercise' as const, on: '2024-01-01' },
      { task: 'gas-leak' as const, on: '2026-11-01' },
    ];
    const [task] = nextDue(valve({ done, installedOn: '2020-01-01' })).tasks;
    expect(task).toMatchObject({ dueOn: '2026-10-31', overdueDays: 28 });
  });

  it('is after the day it was installed, where it was never done', () => {
    expect(nextDue(valve({ installedOn: '2026-05-31' })).tasks[0]).toMatchObject({
      dueOn: '2027-05-31',
      overdueDays: 0,
    });
  });

  it('is the day it is asked, where neither is known', () => {
    expect(nextDue(valve()).tasks[0]).toMatchObject({ dueOn: AS_OF, overdueDays: 0 });
  });

  it('comes sorted by day, then by name', () => {
    const fire = valve({ medium: 'fire-water', done: [{ task: 'fire-exercise', on: '2025-01-01' }] });
    expect(nextDue(fire).tasks.map(({ task }) => task)).toEqual(['fire-exercise', 'fire-look']);
    const gas = valve({ type: 'plug-taper', medium: 'natural-gas' });
    expect(nextDue(gas).tasks.map(({ task }) => task)).toEqual(['exercise', 'gas-leak']);
  });

  it('is never due before it was last done, and overdue by whole days', () => {
    const day = fc
      .date({ min: new Date('1990-01-01'), max: new Date('2060-12-31'), noInvalidDate: true })
      .map((date) => date.toISOString().slice(0, 10));
    fc.assert(
      fc.property(day, day, (on, asOf) => {
        for (const { dueOn, overdueDays } of nextDue(valve({ done: [{ task: 'exercise', on }], asOf }))
          .tasks) {
          expect(dueOn > on).toBe(true);
          expect(overdueDays).toBe(Math.max(0, daysBetween(dueOn, asOf)));
        }
      }),
    );
  });
});

describe('the calculation', () => {
  it.each([
    [{ asOf: '2026-02-30' }, 'asOf'],
    [{ done: [{ task: 'polish', on: AS_OF }] }, 'done[0].task'],
    [{ done: [{ task: 'exercise', on: '2026-11' }] }, 'done[0].on'],
    [{ type: 'tap' }, 'type'],
  ])('refuses %j', (more, field) => {
    try {
      nextDueCalculation.input.read({ ...valve(), ...more }, '');
      throw new Error('it was taken');
    } catch (error) {
      expect((error as InvalidInput).field).toBe(field);
    }
  });

  it('knows every task of the table by its name', () => {
    expect(new Set(TASKS).size).toBe(TASKS.length);
  });
});
