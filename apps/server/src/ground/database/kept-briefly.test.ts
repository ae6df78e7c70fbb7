import { KeptBriefly } from './kept-briefly.js';

describe('what is kept for a moment', () => {
  const kept = (freshMs: number) => new KeptBriefly<number>({ freshMs, waitMs: 20 });
  const later = (result: number, ms: number) => (): Promise<number> =>
    new Promise((resolve) => setTimeout(() => resolve(result), ms));

  it('is worked out once for all who ask meanwhile, for each subject', async () => {
    const lives = kept(60_000);
    let works = 0;
    const work = (): Promise<number> => Promise.resolve((works += 1));
    expect(await Promise.all([lives.get('a', work), lives.get('a', work), lives.get('b', work)])).toEqual([
      1, 1, 2,
    ]);
    expect(await lives.get('a', work)).toBe(1);
  });

  it('is worked out anew where it is old, and the old one stands in for what takes long', async () => {
    const lives = kept(0);
    expect(await lives.get('a', later(1, 0))).toBe(1);
    expect(await lives.get('a', later(2, 0))).toBe(2);
    expect(await lives.get('a', later(3, 200))).toBe(2);
  });

  it('is not kept where it failed, and an old one stays where a new one fails', async () => {
    const lives = kept(0);
    const fails = (): Promise<number> => Promise.reject(new Error('gone'));
    await expect(lives.get('a', fails)).rejects.toThrow('gone');
    expect(await lives.get('a', later(5, 0))).toBe(5);
    expect(await lives.get('a', fails)).toBe(5);
  });
});
