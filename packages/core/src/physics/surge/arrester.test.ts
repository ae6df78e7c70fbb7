import {
  type Arrester,
  type HandlePoint,
  arresterHeadM,
  effectiveOpening,
  handClosing,
  transient,
} from './index.js';
import { relativeKv } from '../../ground/valves/index.js';
import type { TransientPipe } from './transient.js';

const PIPE: TransientPipe = {
  lengthM: 60,
  diameterM: 0.02,
  frictionFactor: 0.02,
  waveSpeedMs: 1280,
  sourceHeadM: 60,
  initialFlowM3s: 6e-4,
  reaches: 30,
  vapourHeadM: -10,
};
const snapped = (timeS: number): number => (timeS > 0.05 ? 0 : 1);
const peakM = (arrester?: Arrester, pipe = PIPE): number =>
  Math.max(...transient(pipe, snapped, 2, { arrester }).valveHeadM);
const cushion = (gasM3: number): Arrester => ({ gasM3, prechargePa: 4e5, densityKgM3: 998.2 });

describe('an arrester', () => {
  it('leaves a line at rest as it is', () => {
    const at = arresterHeadM({ gasM3: 1e-3, prechargePa: 2e5, densityKgM3: 998.2 }, 50, 1e-3);
    for (let step = 0; step < 20; step += 1) expect(at(50, 1e4, 0)).toBeCloseTo(50, 6);
  });

  it('takes the more off a hammer the more gas it holds', () => {
    const [bare, small, large] = [peakM(), peakM(cushion(1e-4)), peakM(cushion(2e-3))];
    expect(small).toBeLessThan(bare * 0.9);
    expect(large).toBeLessThan(small);
    expect(large).toBeGreaterThan(PIPE.sourceHeadM);
  });

  it('does next to nothing without gas', () => {
    expect(peakM(cushion(1e-9)) / peakM()).toBeCloseTo(1, 2);
  });

  it('keeps what the column carried: squeezed by its energy and the head behind it', () => {
    // Rigid column: 1/2 rho L A v^2 + p0 dV = gas work, p V^1.2 constant. The waves of an elastic pipe add a little.
    const gas = cushion(2e-3);
    const weight = 998.2 * 9.80665;
    const area = (Math.PI / 4) * 0.02 ** 2;
    const smooth = { ...PIPE, frictionFactor: 0 };
    const steadyM = PIPE.sourceHeadM;
    const abs = (headM: number): number => headM * weight + 101325;
    const v0 = (gas.gasM3 * (4e5 + 101325)) / abs(steadyM);
    const energy = 0.5 * 998.2 * PIPE.lengthM * area * (6e-4 / area) ** 2;
    let best = steadyM;
    for (let headM = steadyM; headM < 300; headM += 0.1) {
      const v1 = v0 * (abs(steadyM) / abs(headM)) ** (1 / 1.2);
      const work = (abs(headM) * v1 - abs(steadyM) * v0) / 0.2;
      if (work < energy + abs(PIPE.sourceHeadM) * (v0 - v1)) best = headM;
    }
    expect(peakM(gas, smooth) / best).toBeGreaterThan(0.9);
    expect(peakM(gas, smooth) / best).toBeLessThan(1.1);
  });
});

describe('a closing made by hand', () => {
  const slow: HandlePoint[] = [
    { timeS: 0, opening: 1 },
    { timeS: 2, opening: 0 },
  ];
  it('is the closing of the law where the hand moved evenly', () => {
    const by = handClosing(slow, (opening) => relativeKv('ball', opening));
    for (const timeS of [0, 0.3, 1.1, 1.7, 2, 9])
      expect(by(timeS)).toBeCloseTo(effectiveOpening({ law: 'ball', timeS: 2, startS: 0 }, timeS), 12);
  });

  it('stands where the hand rested, and where it let go', () => {
    const by = handClosing(
      [...slow.slice(0, 1), { timeS: 1, opening: 0.5 }, { timeS: 3, opening: 0.5 }],
      (opening) => opening,
    );
    expect([by(0.5), by(2), by(10)]).toEqual([0.75, 0.5, 0.5]);
  });

  it('may be asked again from its beginning', () => {
    const by = handClosing(slow, (opening) => opening);
    expect([by(2), by(0), by(1)]).toEqual([0, 1, 0.5]);
  });
});
