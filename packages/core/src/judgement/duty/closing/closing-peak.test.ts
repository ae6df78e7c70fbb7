import fc from 'fast-check';
import { type ClosureLaw, surge } from '../../../physics/surge/index.js';
import { closingPeakPa, leastClosingS, lineOfRun, mostPeakPa } from './index.js';

const runs = fc.record({
  lengthM: fc.double({ min: 3, max: 300, noNaN: true }),
  diameterM: fc.double({ min: 0.025, max: 0.4, noNaN: true }),
  roughnessM: fc.constantFrom(1.5e-6, 4.5e-5, 1.5e-4),
  waveSpeedMs: fc.double({ min: 330, max: 1400, noNaN: true }),
  pressurePa: fc.double({ min: 1e5, max: 2e6, noNaN: true }),
  velocityMs: fc.double({ min: 0.2, max: 2.4, noNaN: true }),
  temperatureC: fc.constantFrom(5, 20, 60),
});
const laws = fc.constantFrom<ClosureLaw>(
  'ball',
  'butterfly',
  'gate',
  'globe-linear',
  'plug-eccentric',
  'linear',
);
type Run = Omit<Parameters<typeof lineOfRun>[0], 'flowM3s'> & { velocityMs: number };

const lineOf = ({ velocityMs, ...run }: Run) =>
  lineOfRun({ ...run, flowM3s: (Math.PI / 4) * run.diameterM ** 2 * velocityMs });
const simulatedPa = (line: ReturnType<typeof lineOf>, law: ClosureLaw, timeS: number): number =>
  surge({
    ...line.surge,
    closure: { law, timeS },
    durationS: timeS + 2 * line.criticalS,
    series: false,
    envelope: false,
  }).peakPa;

describe('the peak of a closing', () => {
  it('is that of surge, under what it can be at most, also where a table answers', () => {
    fc.assert(
      fc.property(runs, laws, fc.double({ min: 0.1, max: 30, noNaN: true }), (run, law, criticals) => {
        const line = lineOf(run);
        const timeS = criticals * line.criticalS;
        const simulated = simulatedPa(line, law, timeS);
        expect(Math.abs(closingPeakPa(line, law, timeS) / simulated - 1)).toBeLessThan(0.01);
        expect(mostPeakPa(line, law, timeS)).toBeGreaterThan(0.99 * simulated);
        const busy = lineOf(run);
        for (let at = 1; at <= 64; at += 1) closingPeakPa(busy, law, at * 1e-3 * busy.criticalS);
        expect(Math.abs(closingPeakPa(busy, law, timeS) / simulated - 1)).toBeLessThan(0.01);
      }),
      { numRuns: 30 },
    );
  });
});

describe('the least closing time', () => {
  it('keeps the simulated peak under the limit, and a tenth less does not', () => {
    fc.assert(
      fc.property(runs, laws, fc.double({ min: 0.05, max: 0.9, noNaN: true }), (run, law, share) => {
        const line = lineOf(run);
        const limitPa = line.staticPa + share * (line.suddenPa - line.staticPa);
        const leastS = leastClosingS(line, law, limitPa)!;
        expect(simulatedPa(line, law, leastS)).toBeLessThanOrEqual(limitPa);
        if (leastS > 0) expect(simulatedPa(line, law, 0.9 * leastS)).toBeGreaterThan(limitPa);
      }),
      { numRuns: 30 },
    );
  });

  it('is found where the friction of a long thin run hides the closing time', () => {
    const line = lineOf({
      lengthM: 196,
      diameterM: 0.025,
      roughnessM: 4.5e-5,
      waveSpeedMs: 330,
      pressurePa: 1e5,
      velocityMs: 2.4,
      temperatureC: 5,
    });
    const limitPa = line.staticPa + 0.9 * (line.suddenPa - line.staticPa);
    const leastS = leastClosingS(line, 'gate', limitPa)!;
    expect(simulatedPa(line, 'gate', leastS)).toBeLessThanOrEqual(limitPa);
    expect(simulatedPa(line, 'gate', 0.98 * leastS)).toBeGreaterThan(limitPa);
  });

  it('is none at the static pressure, and nothing where a sudden stop keeps under the limit', () => {
    const line = lineOf({
      lengthM: 100,
      diameterM: 0.1,
      roughnessM: 4.5e-5,
      waveSpeedMs: 1200,
      pressurePa: 5e5,
      velocityMs: 1,
      temperatureC: 10,
    });
    expect(leastClosingS(line, 'gate', line.staticPa)).toBeUndefined();
    expect(leastClosingS(line, 'gate', 1e8)).toBe(0);
  });
});
