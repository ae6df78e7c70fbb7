import { closingLine } from '../selection/index.js';
import { costOf, flowCurve, hammerCurve, priceEach } from './index.js';

const duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 5e5,
  temperatureC: 10,
  flowM3s: 5e-4,
  pipe: { material: 'copper', lengthUpstreamM: 30 },
} as const;

describe('flow against the handle', () => {
  it('starts at nothing, never falls, and ends at nearly the duty’s flow for a wide valve', () => {
    const curve = flowCurve(duty, 'ball', 41)!;
    expect(curve).toHaveLength(41);
    expect(curve[0]).toEqual({ opening: 0, flowM3s: 0 });
    for (let at = 1; at < curve.length; at += 1)
      expect(curve[at]!.flowM3s).toBeGreaterThanOrEqual(curve[at - 1]!.flowM3s);
    expect(curve[40]!.flowM3s / duty.flowM3s).toBeGreaterThan(0.98);
  });

  it('lies higher half way for a gate than for a ball of the same Kv', () => {
    const half = (type: 'ball' | 'gate-solid'): number => flowCurve(duty, type, 10)![20]!.flowM3s;
    expect(half('gate-solid')).toBeGreaterThan(half('ball'));
  });

  it('is not told for gas', () => {
    expect(flowCurve({ ...duty, medium: 'natural-gas' }, 'ball', 41)).toBeUndefined();
  });
});

describe('hammer against closing time', () => {
  it('is whole for a sudden stop, and falls with the time', () => {
    const { reflectedS, points } = hammerCurve(duty, 'ball')!;
    const line = closingLine(duty)!;
    expect(points[0]!.peakPa).toBeCloseTo(line.suddenPa, -4);
    expect(points.at(-1)!.timeS).toBeCloseTo(16 * reflectedS, 6);
    for (let at = 1; at < points.length; at += 1)
      expect(points[at]!.peakPa).toBeLessThanOrEqual(points[at - 1]!.peakPa * 1.001);
  });

  it('is not drawn where flow or run is not known', () => {
    expect(hammerCurve({ ...duty, flowM3s: 0 }, 'ball')).toBeUndefined();
    expect(hammerCurve({ ...duty, pipe: { material: 'copper' } }, 'ball')).toBeUndefined();
  });
});

describe('what a model costs', () => {
  const life = { years: [20, 30] as [number, number], because: [] };

  it('is each, by the year of its middle life, and over the job', () => {
    expect(costOf({ dn: 20, price: 25 }, life, 4)).toEqual({
      each: 25,
      perYear: 1,
      overJob: 100,
      overJobPerYear: 4,
    });
  });

  it('adds up in cents', () => {
    expect(costOf({ dn: 20, price: 0.1 }, life, 3).overJob).toBe(0.3);
  });

  it('is lower from a break on, for every piece, whatever the order the breaks stand in', () => {
    const size = {
      dn: 20,
      price: 25,
      breaks: [
        { from: 50, price: 18 },
        { from: 10, price: 22 },
      ],
    };
    expect([1, 9, 10, 49, 50, 500].map((quantity) => priceEach(size, quantity))).toEqual([
      25, 25, 22, 22, 18, 18,
    ]);
    expect(costOf(size, life, 10).overJob).toBe(220);
  });
});
