import fc from 'fast-check';
import {
  type ClosingLine,
  type Duty,
  closingLine,
  closingPeakPa,
  leastClosingS,
} from '../selection/index.js';
import { surge } from '../../physics/surge/index.js';
import {
  benchValve,
  hammerCase,
  hammerFilm,
  hammerFixes,
  hammerInput,
  hammerSweep,
  leastClosing,
  sweptPipes,
  valuesOf,
} from './index.js';

const CAFE: Duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 517_107,
  temperatureC: 10,
  flowM3s: 5.05e-4,
  pipe: { material: 'copper', lengthUpstreamM: 18.9 },
};
const BALL = { ...benchValve(CAFE, 'ball'), limitPa: 700_000 };
const of = valuesOf(hammerCase(CAFE, BALL));

describe('a hammer’s case', () => {
  it('takes from the duty what it says, from pipe and valve what they tell, and owns up to the rest', () => {
    const filled = hammerCase(CAFE, BALL);
    expect(filled.lengthM).toEqual({ value: 18.9, from: 'duty' });
    expect(filled.diameterM).toEqual({ value: 0.019939, from: 'pipe' });
    expect(filled.waveSpeedMs.from).toBe('pipe');
    expect(filled.closingS).toEqual({ value: 0.3, from: 'valve' });
    expect(filled.limitPa).toEqual({ value: 700_000, from: 'valve' });
    const bare = hammerCase({ ...CAFE, flowM3s: undefined, pipe: undefined }, benchValve(CAFE, 'ball'));
    expect([bare.lengthM.from, bare.diameterM.from, bare.flowM3s.from, bare.limitPa.from]).toEqual(
      Array.from({ length: 4 }, () => 'assumed'),
    );
    // Two metres a second through DN20.
    expect(bare.flowM3s.value).toBeCloseTo((Math.PI / 4) * 0.02 ** 2 * 2, 9);
  });

  it('lets the duty’s own limit and closing time decide where they are sharper', () => {
    const filled = hammerCase({ ...CAFE, surgeLimitPa: 9e5, closureTimeS: 2 }, BALL);
    expect(filled.limitPa.value).toBe(9e5);
    expect(filled.closingS).toEqual({ value: 2, from: 'duty' });
  });

  it('closes as the rules say a valve closes', () => {
    expect(of.law).toBe('ball');
    const line = closingLine(CAFE)!;
    expect(closingPeakPa(line as ClosingLine, 'ball', 0.3)).toBe(
      hammerFixes(of, { type: 'ball', dn: 20 })[0]!.peakPa,
    );
    expect(leastClosing(of)!.closingS).toBe(leastClosingS(line as ClosingLine, 'ball', of.limitPa));
  });

  it('is what surge takes, with the friction of the steady flow', () => {
    const input = hammerInput(of);
    expect(input.frictionFactor).toBeGreaterThan(0.015);
    expect(input.frictionFactor).toBeLessThan(0.03);
    expect(surge(input).steadyPa).toBeCloseTo(517_107, 3);
  });
});

describe('a film of a closing', () => {
  it('shows the same extremes as the envelope, and every peak though it is thinned', () => {
    const film = hammerFilm({ ...of, closingS: 3 });
    const plain = surge(hammerInput({ ...of, closingS: 3 }));
    expect(film.series.length).toBeLessThanOrEqual(1210);
    expect(plain.series!.length).toBeGreaterThan(film.series.length);
    expect(Math.max(...film.series.map(({ pressurePa }) => pressurePa))).toBe(plain.peakPa);
    expect(Math.min(...film.series.map(({ pressurePa }) => pressurePa))).toBe(plain.troughPa);
    expect(film.alongPa).toHaveLength(film.takenS.length * film.nodes);
    film.envelope.forEach(({ maxPa, minPa }, node) => {
      for (let at = 0; at < film.takenS.length; at += 1) {
        const pa = film.alongPa[at * film.nodes + node] as number;
        expect(pa).toBeLessThanOrEqual(maxPa + 1);
        expect(pa).toBeGreaterThanOrEqual(minPa - 1);
      }
    });
  });

  it('of a hand that moves evenly is that of the law', () => {
    const byHand = hammerFilm({ ...of, closingS: 0.5 }, [
      { timeS: 0, opening: 1 },
      { timeS: 0.5, opening: 0 },
    ]);
    expect(byHand.peakPa / hammerFilm({ ...of, closingS: 0.5 }).peakPa).toBeCloseTo(1, 9);
  });

  it('of a hand that stops before the end hammers less than one that goes on', () => {
    const half = hammerFilm(of, [
      { timeS: 0, opening: 1 },
      { timeS: 0.2, opening: 0.4 },
    ]);
    expect(half.peakPa).toBeLessThan(hammerFilm({ ...of, closingS: 0.1 }).peakPa);
    expect(half.series.at(-1)!.flowM3s).toBeGreaterThan(0);
  });
});

describe('ways out of a hammer', () => {
  const fixes = hammerFixes(of, { type: 'ball', dn: 20 });
  const one = <F extends (typeof fixes)[number]['fix']>(fix: F) =>
    fixes.find((found): found is Extract<(typeof fixes)[number], { fix: F }> => found.fix === fix)!;

  it('begin with what is there, over its limit', () => {
    expect(fixes[0]).toMatchObject({ fix: 'as-it-is', closingS: 0.3 });
    expect(fixes[0]!.peakPa).toBeGreaterThan(of.limitPa);
  });

  it('each keep under the limit where they are solved for it, and only just', () => {
    for (const fix of ['slower', 'arrester', 'lower-velocity'] as const) {
      expect(one(fix).peakPa).toBeLessThanOrEqual(of.limitPa);
      expect(one(fix).peakPa).toBeGreaterThan(0.9 * of.limitPa);
    }
    expect(one('arrester').gasM3).toBeLessThan(2e-3);
    expect(one('lower-velocity').flowM3s).toBeLessThan(of.flowM3s);
  });

  it('name an operator that takes as long', () => {
    expect(one('slower').operator).toMatch(/notch-lever|gear/);
    expect(leastClosing(of)?.closingS).toBe(one('slower').closingS);
  });

  it('are not needed where nothing goes over', () => {
    expect(hammerFixes({ ...of, limitPa: 1e8 }, { type: 'ball', dn: 20 })).toHaveLength(1);
  });

  it('are none where the standing pressure alone is over', () => {
    expect(hammerFixes({ ...of, limitPa: 1e5 }, { type: 'ball', dn: 20 })).toHaveLength(1);
    expect(leastClosing({ ...of, limitPa: 1e5 })).toBeUndefined();
  });
});

describe('a sweep', () => {
  it('tries the flow in the pipe and the next sizes up, and finds it the quieter the larger the pipe', () => {
    const pipes = sweptPipes('copper', 20);
    expect(pipes.map(({ dn }) => dn)).toEqual([20, 25, 32]);
    const rows = [...hammerSweep(of, pipes)];
    expect(rows).toHaveLength(15);
    const ball = rows.filter(({ type }) => type === 'ball');
    const sudden = ball.map(({ peaks }) => peaks[0]!.peakPa);
    expect(sudden).toEqual([...sudden].sort((a, b) => b - a));
    for (const { peaks } of rows)
      fc.assert(
        fc.property(fc.integer({ min: 1, max: peaks.length - 1 }), (at) => {
          expect(peaks[at]!.peakPa).toBeLessThanOrEqual(peaks[at - 1]!.peakPa * 1.02);
        }),
        { numRuns: 8 },
      );
  });

  it('has nothing to try of a pipe without a table', () => {
    expect(sweptPipes('csst', 20)).toEqual([]);
  });
});
