import { type TakenDrill, drillReadiness, lastPassed, nextLevel } from './index.js';

const taken = (
  day: number,
  level: 1 | 2 | 3,
  right: boolean,
  more: Partial<TakenDrill> = {},
): TakenDrill => ({
  kind: 'say-it',
  level,
  trade: 'water',
  right,
  takenAt: `2026-05-${String(day).padStart(2, '0')}T08:00:00.000Z`,
  ...more,
});
const ofKind = (answers: TakenDrill[]) => drillReadiness(answers).find(({ kind }) => kind === 'say-it');

it('a level is passed after three right answers in a row, since the third', () => {
  expect(ofKind([taken(1, 1, true), taken(2, 1, true)])).toEqual({
    kind: 'say-it',
    level: 0,
    taken: 2,
    passed: 2,
  });
  expect(ofKind([taken(3, 1, true), taken(1, 1, true), taken(2, 1, true)])).toMatchObject({
    level: 1,
    since: '2026-05-03T08:00:00.000Z',
  });
});

it('a wrong answer takes it back, and what is right above a level counts for it', () => {
  const three = [1, 2, 3].map((day) => taken(day, 2, true));
  expect(ofKind(three)).toMatchObject({ level: 2 });
  expect(ofKind([...three, taken(4, 2, false)])?.level).toBe(0);
  expect(ofKind([...three, taken(4, 3, false)])).toMatchObject({ level: 0 });
  expect(ofKind([...three, taken(4, 1, false)])).toMatchObject({ level: 2 });
});

it('gas has the date it was last passed', () => {
  const answers = [
    taken(1, 1, true, { trade: 'gas' }),
    taken(5, 1, false, { trade: 'gas' }),
    taken(7, 1, true, { trade: 'fire' }),
  ];
  expect(lastPassed(answers, 'gas')).toBe('2026-05-01T08:00:00.000Z');
  expect(lastPassed(answers, 'steam')).toBeUndefined();
});

it('one is asked one level above what one has passed', () => {
  expect([0, 1, 2, 3].map((level) => nextLevel({ level: level as 0 | 1 | 2 | 3 }))).toEqual([1, 2, 3, 3]);
});
