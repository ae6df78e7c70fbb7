import type { EntryView } from '@grevik/contracts';
import { withoutGaps } from './without-gaps.js';

const day = (of: number): string => `2026-03-${String(of).padStart(2, '0')}T10:00:00.000Z`;
const change = (of: number) => ({ at: day(of) });
const entry = (of: number) => ({ happenedAt: day(of) }) as EntryView;

describe('a history that is cut', () => {
  it('has everything where nothing is left out', () => {
    const all = withoutGaps([change(9), change(2)], [entry(5)], 2);
    expect(all).toEqual({ changes: [change(9), change(2)], entries: [entry(5)], hasOlder: false });
  });

  it('ends where the first of the two is cut', () => {
    const cut = withoutGaps([change(9), change(8), change(1)], [entry(10), entry(8), entry(6), entry(5)], 3);
    expect(cut).toEqual({
      changes: [change(9), change(8)],
      entries: [entry(10), entry(8), entry(6)],
      hasOlder: true,
    });
  });

  it('goes back to the later of two cuts', () => {
    const cut = withoutGaps([change(4), change(3), change(2)], [entry(9), entry(8), entry(7)], 2);
    expect(cut).toEqual({ changes: [], entries: [entry(9), entry(8)], hasOlder: true });
  });
});
