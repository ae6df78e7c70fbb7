import { type BenchFinding, benchFindingInput, standingFindings } from './index.js';

const found = (finding: BenchFinding | null, id: string) => ({ finding, id });

describe('what the bench found', () => {
  it('stands by its last word for each bench and valve', () => {
    const standing = standingFindings([
      found(null, 'note'),
      found({ bench: 'hammer', verdict: 'supports', valve: 'Ostrand 21P' }, 'new'),
      found({ bench: 'control', verdict: 'care' }, 'control'),
      found({ bench: 'hammer', verdict: 'out', valve: 'Ostrand 21P' }, 'old'),
      found({ bench: 'hammer', verdict: 'care', valve: 'Fennick Q3' }, 'other'),
    ]);
    expect(standing.map(({ id }) => id)).toEqual(['new', 'control', 'other']);
  });

  it('goes when it is taken back, and comes again with another', () => {
    const back = found({ bench: 'hammer', verdict: 'care', takenBack: true }, 'back');
    const first = found({ bench: 'hammer', verdict: 'care' }, 'first');
    expect(standingFindings([back, first])).toEqual([]);
    expect(standingFindings([found({ bench: 'hammer', verdict: 'out' }, 'again'), back, first])).toHaveLength(
      1,
    );
  });

  it('is refused with a field nobody knows', () => {
    expect(() => benchFindingInput.read({ bench: 'hammer', verdict: 'care', safe: true }, '')).toThrow(
      /safe/,
    );
    expect(() => benchFindingInput.read({ bench: 'tea', verdict: 'care' }, '')).toThrow(/bench/);
  });
});
