import type { WalkItem } from '@grevik/core';
import fc from 'fast-check';
import { type Edit, branchEnd, indent, move, putIn, step, takeOut } from './outline-edits';

/** "s a >b >>c d" as a walk: the marks before a name are its depth. */
const walk = (text: string): WalkItem[] =>
  text.split(' ').map((word) => {
    const id = word.replace(/>/g, '');
    return { id, kind: id === 's' ? 'source' : 'run', depth: word.length - id.length };
  });
const drawn = (items: readonly WalkItem[]): string =>
  items.map(({ id, depth }) => '>'.repeat(depth) + id).join(' ');
const after = (text: string, of: (items: WalkItem[]) => Edit | undefined): string | undefined => {
  const items = walk(text);
  const edit = of(items);
  return edit && drawn(edited(items, edit as { at: number; remove: number; insert: WalkItem[] }));
};
const item = (id: string, depth: number): WalkItem => ({ id, kind: 'run', depth });

/** An edit put into effect, as the server does it. */
function edited<T>(
  items: readonly T[],
  { at, remove, insert }: { at: number; remove: number; insert: T[] },
): T[] {
  return [...items.slice(0, at), ...insert, ...items.slice(at + remove)];
}

describe('edits of an outline', () => {
  it('puts items in behind a branch, or as the first of one', () => {
    expect(after('s a >b c', (items) => putIn(items, 1, [item('x', 0)]))).toBe('s a >b x c');
    expect(after('s a >b c', (items) => putIn(items, 1, [item('x', 1)]))).toBe('s a >x >b c');
  });

  it('takes an item out with its branch, and never the source', () => {
    expect(after('s a >b >>c d', (items) => takeOut(items, 1))).toBe('s d');
    expect(after('s a', (items) => takeOut(items, 0))).toBeUndefined();
  });

  it('indents with the branch, by one at most under what stands before', () => {
    expect(after('s a b >c', (items) => indent(items, 2, 1))).toBe('s a >b >>c');
    expect(after('s a >b >c', (items) => indent(items, 3, 1))).toBe('s a >b >>c');
    expect(after('s a >b', (items) => indent(items, 2, 1))).toBeUndefined();
    expect(after('s a >>b', (items) => indent(items, 2, 1))).toBeUndefined();
    expect(after('s a >b', (items) => indent(items, 2, -1))).toBe('s a b');
    expect(after('s a', (items) => indent(items, 1, -1))).toBeUndefined();
  });

  it('steps past whole branches, up and down', () => {
    expect(after('s a >b c >d e', (items) => step(items, 1, 1))).toBe('s c >d a >b e');
    expect(after('s a >b c', (items) => step(items, 3, -1))).toBe('s c a >b');
    expect(after('s a b', (items) => step(items, 2, 1))).toBeUndefined();
    expect(after('s a b', (items) => step(items, 1, -1))).toBeUndefined();
  });

  it('keeps every item, the source first and no step deeper than one, whatever is moved where', () => {
    const depths = fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 1, maxLength: 10 });
    fc.assert(
      fc.property(depths, fc.nat(11), fc.nat(11), (raw, from, to) => {
        let above = -1;
        const items = [0, ...raw].map((depth, at): WalkItem => {
          above = at === 0 ? 0 : Math.min(depth, above + 1);
          return { id: at === 0 ? 's' : `i${at}`, kind: at === 0 ? 'source' : 'run', depth: above };
        });
        const edit = move(items, from % items.length, to);
        if (!edit) return;
        const moved = edited(items, edit as { at: number; remove: number; insert: WalkItem[] });
        expect(moved.map(({ id }) => id).sort()).toEqual(items.map(({ id }) => id).sort());
        expect(moved[0]?.id).toBe('s');
        moved.forEach(({ depth }, at) => expect(depth).toBeLessThanOrEqual((moved[at - 1]?.depth ?? -1) + 1));
      }),
    );
  });

  it('knows where a branch ends', () => {
    expect(branchEnd(walk('s a >b >>c d'), 1)).toBe(4);
  });
});
