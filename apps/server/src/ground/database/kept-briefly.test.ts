import { KeptBriefly } from './kept-briefly.js';

describe('what is kept for a moment', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('is worked out once for all who ask meanwhile, and anew afterwards, for each subject', async () => {
    const kept = new KeptBriefly<number>(10_000);
    let works = 0;
    const work = (): Promise<number> => Promise.resolve((works += 1));
    expect(await Promise.all([kept.get('a', work), kept.get('a', work), kept.get('b', work)])).toEqual([
      1, 1, 2,
    ]);
    jest.advanceTimersByTime(9_999);
    expect(await kept.get('a', work)).toBe(1);
    jest.advanceTimersByTime(1);
    expect(await kept.get('a', work)).toBe(3);
  });

  it('is not kept where it failed', async () => {
    const kept = new KeptBriefly<number>(10_000);
    await expect(kept.get('a', () => Promise.reject(new Error('gone')))).rejects.toThrow('gone');
    expect(await kept.get('a', () => Promise.resolve(5))).toBe(5);
  });
});
