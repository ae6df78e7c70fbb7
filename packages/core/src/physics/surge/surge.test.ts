import fc from 'fast-check';
import { fewestReaches } from './fewest-reaches.js';
import { calculate, findCalculation } from '../../registry/index.js';
import { CLOSURE_LAWS, type SurgeInput, effectiveOpening, surge } from './index.js';

const AREA = (Math.PI / 4) * 0.1 ** 2;
const PIPE: SurgeInput = {
  lengthM: 100,
  diameterM: 0.1,
  frictionFactor: 0,
  waveSpeedMs: 1000,
  sourceHeadM: 200,
  initialFlowM3s: AREA,
  closure: { law: 'instant' },
  durationS: 0.6,
  reaches: 20,
};
const friction: SurgeInput = { ...PIPE, frictionFactor: 0.02 };

describe('surge', () => {
  it('rises by rho a v where the valve is snapped shut without friction, and falls by it again', () => {
    const said = surge(PIPE);
    expect(said.joukowskyPa).toBeCloseTo(998.2 * 1000 * 1, 3);
    expect(said.risePa / said.joukowskyPa).toBeCloseTo(1, 9);
    expect((said.steadyPa - said.troughPa) / said.joukowskyPa).toBeCloseTo(1, 9);
    expect(said).toMatchObject({ criticalTimeS: 0.2, rapid: true, cavitates: false });
  });

  it('stands still until the valve begins to move', () => {
    const { series = [], envelope = [] } = surge({
      ...friction,
      closure: { law: 'linear', timeS: 1, startS: 9 },
    });
    for (const { pressurePa, flowM3s } of series) {
      expect(pressurePa).toBeCloseTo(series[0]!.pressurePa, 3);
      expect(flowM3s).toBeCloseTo(AREA, 9);
    }
    for (const { maxPa, minPa } of envelope) expect(maxPa).toBeCloseTo(minPa, 3);
  });

  it('has a point a step from time 0, and a node a reach from the source', () => {
    const { series = [], envelope = [] } = surge(PIPE);
    expect(series).toHaveLength(0.6 / (5 / 1000) + 1);
    expect(series[0]!.timeS).toBe(0);
    expect(envelope.map(({ distanceM }) => distanceM)).toEqual(Array.from({ length: 21 }, (_, at) => at * 5));
    expect(surge({ ...PIPE, series: false, envelope: false })).not.toHaveProperty('series');
  });

  it('does not depend on the number of reaches where there is no friction', () => {
    const law = { law: 'ball', timeS: 0.5 } as const;
    const coarse = surge({ ...PIPE, closure: law, reaches: 40 }).peakPa;
    expect(surge({ ...PIPE, closure: law, reaches: 400 }).peakPa / coarse).toBeCloseTo(1, 2);
  });

  it('rises no more the longer the closing takes', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 4, noNaN: true }), (timeS) => {
        const at = (time: number): number =>
          surge({ ...friction, durationS: time + 1, closure: { law: 'linear', timeS: time } }).risePa;
        expect(at(timeS * 1.5)).toBeLessThanOrEqual(at(timeS) * 1.001);
      }),
      { numRuns: 30 },
    );
  });

  it('finds the shortest closing under a limit, to one per cent', () => {
    const peakLimitPa = 2.6e6;
    const solved = surge({ ...friction, closure: { law: 'ball', peakLimitPa } });
    const timeS = solved.timeS ?? 0;
    const peak = (time: number): number =>
      surge({ ...friction, durationS: time + 0.4, closure: { law: 'ball', timeS: time } }).peakPa;
    expect(peak(timeS)).toBeLessThanOrEqual(peakLimitPa);
    expect(peak(timeS * 0.98)).toBeGreaterThan(peakLimitPa);
    expect(surge({ ...friction, closure: { law: 'ball', peakLimitPa: 9e6 } }).timeS).toBe(0);
  });

  it('says where the water boils, and goes no lower', () => {
    const said = surge({ ...PIPE, sourceHeadM: 20 });
    expect(said.cavitates).toBe(true);
    expect(said.troughPa).toBeCloseTo(2339 - 101325, 0);
  });

  it('takes the wave speed from the wall', () => {
    const wall = { ...PIPE, waveSpeedMs: undefined, pipeWall: { elasticModulusPa: 117e9, wallM: 0.001143 } };
    expect(surge({ ...wall, diameterM: 0.019939 }).waveSpeedMs).toBeCloseTo(1286, 0);
  });

  it.each(CLOSURE_LAWS)('closing by %s begins open and ends shut', (law) => {
    const closure = { law, timeS: 2, startS: 1 };
    expect(effectiveOpening(closure, 0)).toBe(1);
    expect(effectiveOpening(closure, 0.5)).toBe(1);
    expect(effectiveOpening(closure, 3.01)).toBe(0);
    for (let time = 0.5; time < 3; time += 0.1)
      expect(effectiveOpening(closure, time + 0.1)).toBeLessThanOrEqual(
        effectiveOpening(closure, time) + 1e-12,
      );
  });

  const refuses = (input: object): { field: string } => {
    try {
      calculate(findCalculation('surge')!, { ...PIPE, ...input });
    } catch (error) {
      return error as { field: string };
    }
    throw new Error('not refused');
  };
  it.each([
    ['waveSpeedMs', { waveSpeedMs: undefined }],
    ['pipeWall', { pipeWall: { material: 'steel', wallM: 0.004 } }],
    ['bulkModulusPa', { bulkModulusPa: 2e9 }],
    ['pipeWall.material', { waveSpeedMs: undefined, pipeWall: { wallM: 0.004 } }],
    [
      'pipeWall.elasticModulusPa',
      { waveSpeedMs: undefined, pipeWall: { material: 'steel', elasticModulusPa: 2e11, wallM: 0.004 } },
    ],
    ['closure.timeS', { closure: { law: 'ball' } }],
    ['closure.law', { closure: { law: 'instant', peakLimitPa: 3e6 } }],
    ['closure.peakLimitPa', { closure: { law: 'ball', timeS: 1, peakLimitPa: 3e6 } }],
    ['closure.peakLimitPa', { closure: { law: 'ball', peakLimitPa: 1e6 } }],
    ['sourceHeadM', { frictionFactor: 0.02, sourceHeadM: 0.5 }],
    ['durationS', { durationS: 1e6 }],
    ['reaches', { reaches: 0 }],
    [
      'reaches',
      {
        reaches: 6,
        lengthM: 77,
        diameterM: 0.01,
        frictionFactor: 0.04,
        waveSpeedMs: 200,
        sourceHeadM: 400,
        initialFlowM3s: Math.PI * 1e-4,
      },
    ],
  ])('refuses %s where it contradicts or misses something', (field, input) => {
    expect(refuses(input).field).toBe(field);
  });
});

describe('the fewest reaches', () => {
  const NARROW = { lengthM: 77, diameterM: 0.01, frictionFactor: 0.04, waveSpeedMs: 200, velocityMs: 4 };
  it('are as many as friction asks for, and one without friction', () => {
    expect(fewestReaches(NARROW)).toBe(7);
    expect(fewestReaches({ ...NARROW, frictionFactor: 0 })).toBe(1);
  });
  it('are taken where none are given and fifty would not do', () => {
    const { envelope } = surge({
      lengthM: 2000,
      diameterM: 0.01,
      frictionFactor: 0.04,
      waveSpeedMs: 200,
      sourceHeadM: 7000,
      initialFlowM3s: Math.PI * 1e-4,
      closure: { law: 'linear', timeS: 1 },
      durationS: 1,
    });
    expect(envelope).toHaveLength(161);
  });
});

describe('surge against the same equations written down once more, plainly', () => {
  /** Two grids, one step after another, straight from the formulas. */
  function plainly(given: SurgeInput & { waveSpeedMs: number; reaches: number }): {
    peakPa: number;
    troughPa: number;
  } {
    const {
      lengthM,
      diameterM,
      frictionFactor: f,
      waveSpeedMs: a,
      sourceHeadM,
      initialFlowM3s: q0,
      reaches: n,
    } = given;
    const g = 9.80665;
    const rho = 998.2;
    const area = (Math.PI * diameterM * diameterM) / 4;
    const dx = lengthM / n;
    const dt = dx / a;
    const B = a / (g * area);
    const R = (f * dx) / (2 * g * diameterM * area * area);
    const vapourM = (2339 - 101325) / (rho * g);
    let H = Array.from({ length: n + 1 }, (_, i) => sourceHeadM - i * R * q0 * q0);
    let Q = Array.from({ length: n + 1 }, () => q0);
    const steadyM = H[n]!;
    const heads = [steadyM];
    const steps = Math.ceil(given.durationS / dt - 1e-9);
    for (let step = 1; step <= steps; step += 1) {
      const plus = (i: number): number => H[i]! + B * Q[i]! - R * Q[i]! * Math.abs(Q[i]!);
      const minus = (i: number): number => H[i]! - B * Q[i]! + R * Q[i]! * Math.abs(Q[i]!);
      const nextH: number[] = [];
      const nextQ: number[] = [];
      for (let i = 0; i <= n; i += 1) {
        if (i === 0) {
          nextH.push(sourceHeadM);
          nextQ.push((sourceHeadM - minus(1)) / B);
        } else if (i < n) {
          nextH.push((plus(i - 1) + minus(i + 1)) / 2);
          nextQ.push((plus(i - 1) - minus(i + 1)) / (2 * B));
        } else {
          const tau = effectiveOpening({ startS: 0, timeS: 0, ...given.closure }, step * dt);
          const cv = (tau * q0) ** 2 / (2 * steadyM);
          const cp = plus(n - 1);
          const q = cp <= 0 ? 0 : -B * cv + Math.sqrt((B * cv) ** 2 + 2 * cv * cp);
          nextQ.push(q);
          nextH.push(cp - B * q);
        }
      }
      H = nextH.map((head) => Math.max(head, vapourM));
      Q = nextQ;
      heads.push(H[n]!);
    }
    return { peakPa: Math.max(...heads) * rho * g, troughPa: Math.min(...heads) * rho * g };
  }

  it('comes to the same, whatever the pipe and the closing', () => {
    fc.assert(
      fc.property(
        fc.record({
          lengthM: fc.double({ min: 5, max: 2000, noNaN: true }),
          diameterM: fc.double({ min: 0.01, max: 0.6, noNaN: true }),
          frictionFactor: fc.double({ min: 0, max: 0.04, noNaN: true }),
          waveSpeedMs: fc.double({ min: 200, max: 1400, noNaN: true }),
          velocityMs: fc.double({ min: 0, max: 4, noNaN: true }),
          extraM: fc.double({ min: 1, max: 100, noNaN: true }),
          reaches: fc.integer({ min: 1, max: 24 }),
          law: fc.constantFrom(...CLOSURE_LAWS.filter((of) => of !== 'instant')),
          criticals: fc.double({ min: 0.2, max: 6, noNaN: true }),
        }),
        ({ velocityMs, extraM, law, criticals, ...pipe }) => {
          const lost =
            (pipe.frictionFactor * pipe.lengthM * velocityMs ** 2) / (2 * 9.80665 * pipe.diameterM);
          const criticalS = (2 * pipe.lengthM) / pipe.waveSpeedMs;
          const given = {
            ...pipe,
            reaches: Math.max(pipe.reaches, fewestReaches({ ...pipe, velocityMs })),
            sourceHeadM: lost + extraM,
            initialFlowM3s: velocityMs * (Math.PI / 4) * pipe.diameterM ** 2,
            closure: { law, timeS: criticals * criticalS },
            durationS: (criticals + 3) * criticalS,
          };
          const [said, again] = [surge(given), plainly(given)];
          expect(said.peakPa / again.peakPa).toBeCloseTo(1, 9);
          expect(Math.abs(said.troughPa - again.troughPa)).toBeLessThan(1e-6 * again.peakPa);
        },
      ),
      { numRuns: 60 },
    );
  });
});
