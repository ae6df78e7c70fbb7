import { portProfile, valveResistance } from './index.js';

const STREAM = { flowM3s: 0.004, densityKgM3: 998.2, pressurePa: 4e5 };

describe('along a narrowed port', () => {
  it('the bore runs at the pipe’s speed over the ratio squared', () => {
    const { boreVelocityMs, k } = portProfile({ type: 'ball', boreRatio: 0.7 }, 0.0525, STREAM);
    expect(boreVelocityMs).toBeCloseTo(0.004 / ((Math.PI / 4) * 0.0525 ** 2) / 0.49, 9);
    expect(k).toBe(valveResistance({ type: 'ball', boreRatio: 0.7 }, 0.0525));
  });

  it('what is not got back is what the valve loses', () => {
    const { points, lostPa } = portProfile({ type: 'ball', boreRatio: 0.7 }, 0.0525, STREAM);
    expect(points[0]!.pressurePa).toBe(4e5);
    expect(points.at(-1)!.pressurePa).toBeCloseTo(4e5 - lostPa, 6);
    expect(Math.min(...points.map(({ pressurePa }) => pressurePa))).toBeLessThan(4e5 - lostPa);
  });

  it('a taper gets more back than a step', () => {
    const step = portProfile({ type: 'ball', boreRatio: 0.7 }, 0.0525, STREAM);
    const venturi = portProfile({ type: 'ball', boreRatio: 0.7, taperAngleDeg: 15 }, 0.0525, STREAM);
    expect(venturi.recovered).toBeGreaterThan(step.recovered);
    expect(venturi.lostPa).toBeLessThan(step.lostPa);
    expect(venturi.boreVelocityMs).toBe(step.boreVelocityMs);
  });

  it('a full port has nothing to recover but its own small loss', () => {
    const { boreVelocityMs, points } = portProfile({ type: 'ball' }, 0.0525, STREAM);
    expect(new Set(points.map(({ velocityMs }) => velocityMs.toFixed(9))).size).toBe(1);
    expect(boreVelocityMs).toBeCloseTo(1.848, 3);
  });
});
