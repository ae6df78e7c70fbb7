import { dateWords, whenWords } from './when';

const NOW = new Date('2026-03-04T12:00:00');

describe('when something was', () => {
  it('is said by how long ago on the same day, by its date before', () => {
    expect(whenWords('2026-03-04T11:55:00', NOW)).toBe('5 minutes ago');
    expect(whenWords('2026-03-04T09:00:00', NOW)).toBe('3 hours ago');
    expect(whenWords('2026-03-03T23:59:00', NOW)).toBe('3 Mar 2026');
    expect(dateWords('2018-05-14T08:10:00')).toBe('14 May 2018');
  });
});
