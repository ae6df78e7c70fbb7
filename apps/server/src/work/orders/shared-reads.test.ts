import { SharedReads } from './shared-reads.js';

describe('reads of the same thing', () => {
  it('are shared by all who come while it is read, and never begin before one asks', async () => {
    const reads = new SharedReads<number>();
    let state = 0;
    let begun = 0;
    const read = async (): Promise<number> => {
      begun += 1;
      const seen = state;
      await new Promise((resolve) => setTimeout(resolve, 5));
      return seen;
    };
    const first = reads.read('a', read);
    state = 1;
    const later = [reads.read('a', read), reads.read('a', read), reads.read('a', read)];
    expect(await first).toBe(0);
    expect(await Promise.all(later)).toEqual([1, 1, 1]);
    expect(begun).toBe(2);
    state = 2;
    expect(await reads.read('a', read)).toBe(2);
  });

  it('go on after one failed, and are apart by what is read', async () => {
    const reads = new SharedReads<string>();
    const failing = reads.read('a', () => Promise.reject(new Error('gone')));
    const next = reads.read('a', () => Promise.resolve('back'));
    const other = reads.read('b', () => Promise.resolve('b'));
    await expect(failing).rejects.toThrow('gone');
    expect(await Promise.all([next, other])).toEqual(['back', 'b']);
  });
});
