import fc from 'fast-check';
import { InvalidInput } from '../../ground/input/index.js';
import { calculate, findCalculation } from '../../registry/index.js';
import {
  fallingShare,
  flowShare,
  frictionFactor,
  fullyRoughFactor,
  hazenWilliamsLoss,
  kFromKv,
  kvDropPa,
  kvFromK,
  pipeLoss,
  pipeLossCalculation,
  restOfLineKv,
  valveLossCalculation,
  valveResistance,
} from './index.js';

/** The factor is iterated to 1e-10 of itself: what differs less is the same. */
const SETTLED = 1 - 1e-9;
const WATER = { densityKgM3: 998.2, viscosityPaS: 1.002e-3 };

describe('friction in a pipe', () => {
  it('answers the documented example', () => {
    const loss = pipeLoss({ diameterM: 0.05, roughnessM: 1.5e-6, lengthM: 10 }, WATER, 0.002);
    expect(loss.velocityMs).toBeCloseTo(1.0186, 4);
    expect(loss.headLossM).toBeCloseTo(0.2215, 3);
    expect(loss.regime).toBe('turbulent');
    expect(loss.pressureDropPa).toBeCloseTo(998.2 * 9.80665 * loss.headLossM, 6);
  });

  it.each([
    [1000, 0, 0.064],
    [1e5, 0, 0.01799],
    [1e5, 1e-3, 0.02217],
    [1e8, 0.05, 0.07155],
  ])('at Re %d and roughness %d the factor is %d', (reynolds, roughness, factor) => {
    expect(frictionFactor(reynolds, roughness).factor).toBeCloseTo(factor, 4);
  });

  it('runs on without a jump from laminar to turbulent', () => {
    const at = (reynolds: number): number => frictionFactor(reynolds, 1e-4).factor;
    expect(at(2300.001)).toBeCloseTo(at(2300), 6);
    expect(at(3999.999)).toBeCloseTo(at(4000), 6);
    expect(frictionFactor(3150, 1e-4)).toEqual({
      factor: expect.closeTo((64 / 2300 + at(4000)) / 2, 8) as number,
      regime: 'transitional',
    });
  });

  it('never loses less with more flow, nor with a rougher pipe', () => {
    const flow = fc.double({ min: 0, max: 0.05, noNaN: true });
    fc.assert(
      fc.property(flow, flow, fc.double({ min: 0, max: 0.002, noNaN: true }), (a, b, roughnessM) => {
        const head = (q: number, rough: number): number =>
          pipeLoss({ diameterM: 0.04, roughnessM: rough, lengthM: 30 }, WATER, q).headLossM;
        expect(head(Math.max(a, b), roughnessM)).toBeGreaterThanOrEqual(
          head(Math.min(a, b), roughnessM) * SETTLED,
        );
        expect(head(a, roughnessM + 1e-4)).toBeGreaterThanOrEqual(head(a, roughnessM) * SETTLED);
      }),
    );
  });

  it('gives the Hazen-Williams head and the Darcy factor that matches it', () => {
    const loss = hazenWilliamsLoss({ diameterM: 0.1, hazenWilliamsC: 120, lengthM: 100 }, WATER, 0.01);
    expect(loss.headLossM).toBeCloseTo((10.67 * 100 * 0.01 ** 1.852) / (120 ** 1.852 * 0.1 ** 4.8704), 9);
    expect(loss.headLossM).toBeCloseTo(2.2076, 4);
    expect((loss.frictionFactor * 100 * loss.velocityMs ** 2) / (0.1 * 2 * 9.80665)).toBeCloseTo(
      loss.headLossM,
      9,
    );
  });

  it('loses nothing at rest or over no length', () => {
    const still = pipeLoss({ diameterM: 0.05, roughnessM: 0, lengthM: 10 }, WATER, 0);
    expect(still).toMatchObject({ headLossM: 0, frictionFactor: 0, velocityMs: 0 });
    expect(pipeLoss({ diameterM: 0.05, roughnessM: 0, lengthM: 0 }, WATER, 0.01).headLossM).toBe(0);
    expect(hazenWilliamsLoss({ diameterM: 0.05, hazenWilliamsC: 150, lengthM: 9 }, WATER, 0)).toMatchObject({
      headLossM: 0,
      frictionFactor: 0,
    });
  });
});

describe('the pipe-loss calculation', () => {
  const example = pipeLossCalculation.example as Record<string, unknown>;
  it.each([
    [{ ...example, hazenWilliamsC: 120 }, 'hazenWilliamsC'],
    [{ ...example, method: 'hazen-williams' }, 'roughnessM'],
    [{ ...example, method: 'hazen-williams', roughnessM: undefined }, 'hazenWilliamsC'],
    [{ ...example, roughnessM: undefined }, 'roughnessM'],
    [{ ...example, roughnessM: 1 }, 'roughnessM'],
    [{ ...example, method: 'guess' }, 'method'],
    [{ ...example, lengthM: -1 }, 'lengthM'],
    [{ ...example, flowM3s: -1 }, 'flowM3s'],
    [{ ...example, diameterM: 0 }, 'diameterM'],
    [{ ...example, fluid: { medium: 'slurry', temperatureC: 10 } }, 'fluid.medium'],
    [{ ...example, fluid: { medium: 'soup', temperatureC: 10 } }, 'fluid.medium'],
    [{ ...example, fluid: { ...WATER, medium: 'potable-cold' } }, 'fluid.medium'],
    [{ ...example, fluid: {} }, 'fluid'],
    [{ ...example, flowM3s: 1e300 }, 'input'],
  ])('refuses %j at %s', (input, field) => {
    expect(() => calculate(findCalculation('pipe-loss')!, input)).toThrow(
      expect.objectContaining({ field }) as InvalidInput,
    );
  });

  it('takes water by its temperature', () => {
    expect(calculate(findCalculation('pipe-loss')!, example)).toMatchObject({
      regime: 'turbulent',
      velocityMs: expect.closeTo(1.6076, 3) as number,
    });
  });
});

describe('loss in a valve', () => {
  it('answers the documented examples', () => {
    expect(valveResistance({ type: 'ball' }, 0.0525)).toBeCloseTo(0.057, 3);
    expect(fullyRoughFactor(0.0525)).toBeCloseTo(0.01899, 4);
    expect(kvDropPa(1 / 3600, 1, 1000)).toBeCloseTo(100000, 6);
  });

  it.each([
    ['gate-solid', 8],
    ['globe', 340],
    ['globe-y', 55],
    ['angle', 150],
    ['compression-stop', 340],
    ['plug-eccentric', 18],
    ['check-lift-horizontal', 600],
    ['butterfly-resilient', 45],
  ] as const)('%s open counts %d f_T', (type, n) => {
    expect(valveResistance({ type }, 0.1) / fullyRoughFactor(0.1)).toBeCloseTo(n, 9);
  });

  it('takes a butterfly by the nominal size nearest its bore', () => {
    const n = (bore: number): number =>
      valveResistance({ type: 'butterfly-metal' }, bore) / fullyRoughFactor(bore);
    expect([n(0.2), n(0.3), n(0.5)].map(Math.round)).toEqual([45, 35, 25]);
  });

  it('charges a reduced bore by its ratio and taper', () => {
    const f = 3 * fullyRoughFactor(0.02);
    const narrowing = 1 - 0.75 ** 2;
    expect(valveResistance({ type: 'ball', boreRatio: 0.75 }, 0.02)).toBeCloseTo(
      (f + 0.5 * narrowing + narrowing ** 2) / 0.75 ** 4,
      9,
    );
    const half = Math.sin((15 * Math.PI) / 180);
    expect(valveResistance({ type: 'ball', boreRatio: 0.75, taperAngleDeg: 30 }, 0.02)).toBeCloseTo(
      (f + half * (0.8 * narrowing + 2.6 * narrowing ** 2)) / 0.75 ** 4,
      9,
    );
    expect(valveResistance({ type: 'ball', boreRatio: 1 }, 0.02)).toBeCloseTo(f, 12);
  });

  it('turns K into Kv and back, and a smaller bore never loses less', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (a, b, d) => {
          expect(kFromKv(kvFromK(a, d), d)).toBeCloseTo(a, 9);
          const k = (ratio: number): number => valveResistance({ type: 'ball', boreRatio: ratio }, d);
          expect(k(Math.min(a, b))).toBeGreaterThanOrEqual(k(Math.max(a, b)));
        },
      ),
    );
  });
});

describe('a valve in series with the rest of its line', () => {
  it('answers the documented examples', () => {
    expect(restOfLineKv(1 / 3600, 1e5, 1000)).toBeCloseTo(1, 9);
    expect(flowShare(1, 1)).toBeCloseTo(Math.SQRT1_2, 9);
    expect(flowShare(0, 1)).toBe(0);
    expect(fallingShare('globe-linear', 1e-3, 1)).toBeCloseTo(1, 3);
  });

  it('hides its travel the more, the larger it is for its line', () => {
    const shares = [0.1, 1, 10, 100].map((openKv) => fallingShare('ball', openKv, 1));
    shares.forEach((share, index) => {
      expect(share).toBeGreaterThan(0);
      expect(share).toBeLessThanOrEqual(shares[index - 1] ?? 1);
    });
  });
});

describe('the valve-loss calculation', () => {
  const base = { flowM3s: 1e-3, densityKgM3: 1000, diameterM: 0.05 };
  const valveLoss = findCalculation('valve-loss')!;

  it('gives the same answer from K, Kv and Cv', () => {
    const fromK = calculate(valveLoss, { ...base, k: 2 }) as {
      kv: number;
      cv: number;
      pressureDropPa: number;
    };
    expect(fromK.pressureDropPa).toBeCloseTo((2 * 1000 * (1e-3 / ((Math.PI / 4) * 0.0025)) ** 2) / 2, 3);
    expect(calculate(valveLoss, { ...base, kv: fromK.kv })).toMatchObject({
      pressureDropPa: expect.closeTo(fromK.pressureDropPa, 6) as number,
    });
    expect(calculate(valveLoss, { ...base, cv: fromK.cv })).toMatchObject({
      k: expect.closeTo(2, 9) as number,
    });
    expect(kvDropPa(1e-3, fromK.kv, 1000)).toBeCloseTo(fromK.pressureDropPa, 3);
  });

  it('gives the bore velocity only with a bore ratio', () => {
    expect(calculate(valveLoss, valveLossCalculation.example)).toMatchObject({
      boreVelocityMs: expect.closeTo(2.858, 2) as number,
    });
    expect(calculate(valveLoss, { ...base, valve: { type: 'ball' } })).not.toHaveProperty('boreVelocityMs');
  });

  it.each([
    [{ ...base }, 'kv'],
    [{ ...base, kv: 5, k: 2 }, 'kv'],
    [{ ...base, kv: 0 }, 'kv'],
    [{ ...base, valve: { type: 'spout' } }, 'valve.type'],
    [{ ...base, valve: { type: 'relief' } }, 'valve.type'],
    [{ ...base, valve: { type: 'ball', boreRatio: 1.2 } }, 'valve.boreRatio'],
    [{ ...base, valve: { type: 'ball', taperAngleDeg: 30 } }, 'valve.taperAngleDeg'],
    [{ ...base, valve: { type: 'ball', clearWay: true } }, 'valve.clearWay'],
    [{ ...base, valve: { type: 'ball', turning: true } }, 'valve.turning'],
  ])('refuses %j at %s', (input, field) => {
    expect(() => calculate(valveLoss, input)).toThrow(expect.objectContaining({ field }) as InvalidInput);
  });

  it('counts a clear-way swing check half and a turning three-way three times', () => {
    const k = (valve: object): number => (calculate(valveLoss, { ...base, valve }) as { k: number }).k;
    expect(k({ type: 'check-swing', clearWay: true }) / k({ type: 'check-swing' })).toBeCloseTo(0.5, 9);
    expect(k({ type: 'plug-3-way', turning: true }) / k({ type: 'plug-3-way' })).toBeCloseTo(3, 9);
  });
});
