import fc from 'fast-check';
import { type GasPurgeInput, type GasRunInput, gasPurge, gasRun } from './index.js';

const RUN: GasRunInput = {
  gas: 'natural-gas',
  supply: 'low',
  insideDiameterM: 1.049 * 0.0254,
  lengthM: 30.48,
  dropPa: 0.5 * 249.08891,
};
const ELEVATED: GasRunInput = { ...RUN, supply: 'elevated', inletPa: 2 * 6894.757, dropPa: 6894.757 };

describe('gas-run', () => {
  it('carries what the code’s table says of 1 in schedule 40 over 100 ft at half an inch of water', () => {
    expect(gasRun(RUN).capacityM3h / 0.028316846592).toBeCloseTo(195, -1);
  });

  it('drops what was allowed at its own capacity', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(RUN, ELEVATED),
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        fc.double({ min: 1, max: 500, noNaN: true }),
        (run, insideDiameterM, lengthM) => {
          const { capacityM3h } = gasRun({ ...run, insideDiameterM, lengthM });
          const { actualDropPa = 0, verdict } = gasRun({
            ...run,
            insideDiameterM,
            lengthM,
            flowM3h: capacityM3h,
          });
          expect(actualDropPa / run.dropPa).toBeCloseTo(1, 6);
          expect(verdict).toBe('within');
        },
      ),
    );
  });

  it('counts fittings as lengths of so many bores', () => {
    const elbows = gasRun({ ...RUN, fittings: [{ type: 'elbow-90', count: 4 }] }).capacityM3h;
    expect(elbows).toBe(gasRun({ ...RUN, lengthM: RUN.lengthM + 120 * RUN.insideDiameterM }).capacityM3h);
    expect(elbows).toBeLessThan(gasRun(RUN).capacityM3h);
  });

  it('carries more heat of propane in less of it', () => {
    const propane = gasRun({ ...RUN, gas: 'lp-gas' });
    expect(propane.capacityM3h).toBeLessThan(gasRun(RUN).capacityM3h);
    expect(propane.capacityW).toBeGreaterThan(gasRun(RUN).capacityW);
  });

  it('says over where more is asked, and takes the whole inlet where it can not be driven', () => {
    const { verdict, actualDropPa } = gasRun({ ...ELEVATED, flowM3h: 1e6 });
    expect(verdict).toBe('over');
    expect(actualDropPa).toBeCloseTo(101325 + 2 * 6894.757, 3);
    expect(gasRun({ ...RUN, flowM3h: 0 })).toMatchObject({
      actualDropPa: 0,
      velocityMs: 0,
      verdict: 'within',
    });
  });

  it.each([
    ['inletPa', { supply: 'elevated' }],
    ['inletPa', { inletPa: 1e4 }],
    ['lengthM', { lengthM: 0 }],
    ['dropPa', { supply: 'elevated', inletPa: 1e4, dropPa: 2e4 }],
  ] as const)('refuses %s', (field, change) => {
    expect(() => gasRun({ ...RUN, ...change })).toThrow(expect.objectContaining({ field }) as Error);
  });
});

const PURGE: GasPurgeInput = {
  segments: [{ insideDiameterM: 0.0525, lengthM: 30 }],
  gas: 'natural-gas',
  pressurePa: 10_000,
  outlet: { openKv: 12, characteristic: 'ball' },
};

describe('gas-purge', () => {
  it('clears one and a half of the line’s volume at half open unless told otherwise', () => {
    const { lineVolumeM3, recommended, openings, maxOpening } = gasPurge(PURGE);
    expect(lineVolumeM3).toBeCloseTo(0.06494, 4);
    expect(recommended.opening).toBe(0.5);
    expect(maxOpening).toBeUndefined();
    expect(openings.map(({ opening }) => opening)).toEqual([0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1]);
    const cleared = (recommended.flowM3h * recommended.seconds) / 3600;
    expect(cleared).toBeCloseTo(1.5 * lineVolumeM3 * (1 + 10_000 / 101_325), 9);
  });

  it('opens no further than the excess-flow valve allows', () => {
    const { maxOpening, recommended, wouldTripIfFullyOpen } = gasPurge({ ...PURGE, excessFlowTripM3h: 20 });
    expect(wouldTripIfFullyOpen).toBe(true);
    expect(recommended.opening).toBe(maxOpening);
    expect(recommended.flowM3h).toBeCloseTo(0.8 * 20, 6);
    expect(gasPurge({ ...PURGE, excessFlowTripM3h: 1e6 })).toMatchObject({
      maxOpening: 1,
      wouldTripIfFullyOpen: false,
    });
  });

  it.each([
    ['code-and-ventilation', {}],
    ['outdoors-only', { pressurePa: 14_000 }],
    ['outdoors-only', { segments: [{ insideDiameterM: 0.07793, lengthM: 10 }] }],
    ['code-and-ventilation', { segments: [{ insideDiameterM: 0.07793, lengthM: 8 }] }],
    ['outdoors-only', { segments: [{ insideDiameterM: 0.20272, lengthM: 0.5 }] }],
  ] as const)('lets the gas out by %s', (rule, change) => {
    expect(gasPurge({ ...PURGE, ...change }).dischargeRule).toBe(rule);
  });
});
