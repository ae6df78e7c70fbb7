import fc from 'fast-check';
import { CHECK_TYPES, type CheckSlamInput, checkSlam } from './index.js';

const STOP: CheckSlamInput = {
  checkType: 'check-swing',
  dn: 150,
  flowVelocityMs: 2.5,
  decelerationMs2: 4,
  orientation: 'horizontal',
  waveSpeedMs: 1100,
};
const reverse = (change: Partial<CheckSlamInput>): number =>
  checkSlam({ ...STOP, ...change }).reverseVelocityMs;

describe('check-slam', () => {
  const stops = fc.record({
    checkType: fc.constantFrom(...CHECK_TYPES),
    dn: fc.constantFrom(50, 100, 200, 400),
    flowVelocityMs: fc.double({ min: 0.1, max: 5, noNaN: true }),
    decelerationMs2: fc.double({ min: 0.1, max: 15, noNaN: true }),
    orientation: fc.constantFrom('horizontal' as const, 'vertical-up' as const),
    waveSpeedMs: fc.constant(1100),
  });

  it('seats at no less than nothing, harder the faster the flow falls', () => {
    fc.assert(
      fc.property(stops, (stop) => {
        const slow = checkSlam(stop).reverseVelocityMs;
        const fast = checkSlam({ ...stop, decelerationMs2: stop.decelerationMs2 * 1.5 }).reverseVelocityMs;
        expect(slow).toBeGreaterThanOrEqual(0);
        expect(fast).toBeGreaterThanOrEqual(slow - 1e-6);
      }),
    );
  });

  it('comes back no further than its own fall takes', () => {
    fc.assert(
      fc.property(stops, (stop) => {
        const { reverseVelocityMs, closeTimeS } = checkSlam(stop);
        const alone = closeTimeS - stop.flowVelocityMs / stop.decelerationMs2;
        expect(reverseVelocityMs).toBeCloseTo(stop.decelerationMs2 * alone, 9);
      }),
    );
  });

  it('shows a way from open to shut that never turns back', () => {
    fc.assert(
      fc.property(stops, (stop) => {
        const { series, closeTimeS } = checkSlam(stop);
        expect(series[0]!.timeS).toBe(0);
        expect(series[0]!.opening).toBeLessThanOrEqual(1);
        expect(series.at(-1)).toMatchObject({ timeS: closeTimeS, opening: 0 });
        series.forEach(({ timeS, opening }, at) => {
          const before = series[at - 1];
          if (!before) return;
          expect(timeS).toBeGreaterThanOrEqual(before.timeS);
          expect(opening).toBeLessThanOrEqual(before.opening);
        });
      }),
    );
  });

  it('is best with a spring on the axis, worst with a plain flapper, a ball between', () => {
    for (const dn of [50, 100, 200, 400]) {
      const inline = reverse({ dn, checkType: 'check-spring-inline' });
      const spring = reverse({ dn, checkType: 'check-swing-spring' });
      const ball = reverse({ dn, checkType: 'check-ball' });
      const swing = reverse({ dn });
      expect(inline).toBeLessThan(spring);
      expect(spring).toBeLessThan(swing);
      expect(ball).toBeGreaterThan(inline);
      expect(ball).toBeLessThan(swing);
      expect(reverse({ dn, orientation: 'vertical-up' })).toBeLessThan(swing);
    }
  });

  it('is worse in a larger size, better with a stiffer spring or a lighter disc', () => {
    expect(reverse({ dn: 300 })).toBeGreaterThan(reverse({ dn: 100 }));
    const sprung = { checkType: 'check-swing-spring' } as const;
    expect(reverse({ ...sprung, springs: 3 })).toBeLessThan(reverse(sprung));
    expect(reverse({ ...sprung, discMassKg: 2 })).toBeLessThan(reverse({ ...sprung, discMassKg: 8 }));
  });

  it('grades the slam by what it would be heard as', () => {
    const { slamPa, reverseVelocityMs, grade } = checkSlam(STOP);
    expect(slamPa).toBeCloseTo(998.2 * 1100 * reverseVelocityMs, 6);
    expect(grade).toBe('slam');
    expect(checkSlam({ ...STOP, checkType: 'check-spring-inline', decelerationMs2: 0.3 }).grade).toBe('soft');
  });
});
