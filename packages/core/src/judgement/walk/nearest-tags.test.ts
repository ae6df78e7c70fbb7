import { nearestTags } from './index.js';

describe('the nearest tags', () => {
  it.each([
    ['CW-13', ['GA-101', 'CW-103', 'CW-101'], ['CW-103', 'CW-101', 'GA-101']],
    ['cw-103', ['CW-104', 'CW-103'], ['CW-103', 'CW-104']],
    ['', ['A', 'AB'], ['A', 'AB']],
    ['CW-103', [], []],
  ])('to %j among %j are %j', (sought, tags, nearest) => expect(nearestTags(sought, tags)).toEqual(nearest));

  it('are five at most', () => {
    expect(
      nearestTags(
        'X',
        Array.from({ length: 40 }, (_, at) => `X${at}`),
      ),
    ).toHaveLength(5);
  });
});
