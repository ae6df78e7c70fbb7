import fc from 'fast-check';
import { CHARACTERISTICS, openingFor, relativeKv } from '../../ground/valves/index.js';
import { type ThrottleInput, throttle } from './index.js';

const LINE: ThrottleInput = {
  characteristic: 'globe-linear',
  openKv: 10,
  systemKv: 10,
  availablePressurePa: 2e5,
  upstreamPressurePa: 4e5,
};

describe('throttle', () => {
  it('shares the pressure by the resistances', () => {
    const { authority, points } = throttle(LINE);
    expect(authority).toBeCloseTo(0.5, 12);
    const open = points.at(-1)!;
    expect(open).toMatchObject({ opening: 1, flowFraction: 1, state: 'quiet' });
    expect(open.valveDropPa).toBeCloseTo(1e5, 6);
    expect(open.flowM3s * 3600).toBeCloseTo(Math.sqrt((2 * 1000) / 998.2) / Math.sqrt(2 / 100), 9);
  });

  it('holds all the pressure shut, without flow and without an index', () => {
    const [shut] = throttle(LINE).points;
    expect(shut).toEqual({
      opening: 0,
      relativeKv: 0,
      kv: 0,
      flowM3s: 0,
      flowFraction: 0,
      valveDropPa: 2e5,
      state: 'quiet',
    });
  });

  it.each(CHARACTERISTICS)('%s never passes less the more it is opened', (characteristic) => {
    const { points, usefulBand } = throttle({ ...LINE, characteristic });
    points.forEach(({ flowM3s }, at) => {
      if (at > 0) expect(flowM3s).toBeGreaterThanOrEqual(points[at - 1]!.flowM3s - 1e-15);
    });
    expect(usefulBand.from).toBeLessThan(usefulBand.to);
  });

  it('has a band that lies where a tenth and nine tenths pass', () => {
    const wide = { ...LINE, systemKv: 1e6, openings: Array.from({ length: 101 }, (_, at) => at / 100) };
    const { usefulBand, resolution } = throttle(wide);
    expect(usefulBand.from).toBeCloseTo(0.1, 6);
    expect(usefulBand.to).toBeCloseTo(0.9, 6);
    expect(resolution).toBeCloseTo(0.01, 6);
  });

  it('is coarser the less authority it has', () => {
    const at = (systemKv: number): number => throttle({ ...LINE, systemKv }).resolution;
    expect(at(2)).toBeGreaterThan(at(10));
    expect(at(10)).toBeGreaterThan(at(100));
  });

  it('chokes where the drop is all that the inlet gives, and passes no more for a larger one', () => {
    const hard = { ...LINE, characteristic: 'ball', systemKv: 100, openings: [0.5] } as const;
    const flow = (availablePressurePa: number) =>
      throttle({ ...hard, availablePressurePa, upstreamPressurePa: 1e6 }).points[0]!;
    expect(flow(9e5).state).toBe('choked');
    expect(flow(9e5).flowM3s).toBeCloseTo(flow(9.9e5).flowM3s, 12);
    expect(flow(1e4).state).toBe('quiet');
  });

  it('chokes sooner where the rest lies ahead and takes the inlet’s pressure', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 1, noNaN: true }), (opening) => {
        const line = {
          ...LINE,
          characteristic: 'ball',
          openings: [opening],
          availablePressurePa: 4e5,
        } as const;
        const behind = throttle(line).points[0]!;
        const ahead = throttle({ ...line, systemUpstream: true }).points[0]!;
        expect(ahead.flowM3s).toBeLessThanOrEqual(behind.flowM3s + 1e-15);
      }),
    );
  });

  it.each(CHARACTERISTICS)('%s read backwards gives the opening again', (name) => {
    for (const opening of [0.05, 0.33, 0.55, 0.9, 1])
      expect(openingFor(name, relativeKv(name, opening))).toBeCloseTo(opening, 9);
  });
});
