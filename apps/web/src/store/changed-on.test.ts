import { changedOn } from './changed-on';

describe('what was changed, put on another state', () => {
  it.each([
    [
      'a field',
      { dn: 20, place: 'indoor' },
      { dn: 25, place: 'indoor' },
      { dn: 20, place: 'buried' },
      { dn: 25, place: 'buried' },
    ],
    [
      'a field of a field',
      { pipe: { a: 1, b: 1 } },
      { pipe: { a: 2, b: 1 } },
      { pipe: { a: 1, b: 3 } },
      { pipe: { a: 2, b: 3 } },
    ],
    ['a field taken away', { a: 1, b: 1 }, { b: 1 }, { a: 1, b: 2 }, { b: 2 }],
    ['a field that is new', { b: 1 }, { a: 1, b: 1 }, { b: 2 }, { a: 1, b: 2 }],
    ['a field taken away there', { a: 1, b: 1 }, { a: 1, b: 2 }, { b: 1 }, { b: 2 }],
    ['both changed', { a: 1 }, { a: 2 }, { a: 3 }, { a: 2 }],
    ['a list', { a: [1] }, { a: [1, 2] }, { a: [1, 3] }, { a: [1, 2] }],
    ['nothing', { a: 1 }, { a: 1 }, { a: 3 }, { a: 3 }],
  ] as [string, object, object, object, object][])('%s', (_what, base, mine, latest, expected) => {
    expect(changedOn(base, mine, latest)).toEqual(expected);
  });
});
