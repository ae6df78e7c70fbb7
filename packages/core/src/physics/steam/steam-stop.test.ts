import fc from 'fast-check';
import { relativeKv } from '../../ground/valves/index.js';
import { type SteamStopInput, steamStop } from './index.js';

const VALVE: SteamStopInput = {
  radiatorAreaM2Edr: 4,
  supplyPa: 3447,
  returnPa: 0,
  openKv: 3,
  characteristic: 'metering-cone',
};

describe('steam-stop', () => {
  it('needs a quarter of a pound of steam an hour for a square foot', () => {
    const { steamKgH, densityKgM3 } = steamStop({ ...VALVE, radiatorAreaM2Edr: 0.3048 ** 2, supplyPa: 100 });
    expect(steamKgH / 0.45359237).toBeCloseTo(240 / 970, 2);
    expect(densityKgM3).toBeCloseTo(0.588, 2);
  });

  it('opens as far as the Kv needs, and stops at the next sixteenth', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 12, noNaN: true }), (radiatorAreaM2Edr) => {
        const { verdict, opening, stopSetting, requiredKv } = steamStop({ ...VALVE, radiatorAreaM2Edr });
        if (verdict === 'too-small') return;
        if (requiredKv > 3 * relativeKv('metering-cone', 1e-9))
          expect(3 * relativeKv('metering-cone', opening)).toBeCloseTo(requiredKv, 6);
        expect(stopSetting * 16).toBeCloseTo(Math.round(stopSetting * 16), 9);
        expect(stopSetting).toBeGreaterThanOrEqual(opening * 4 - 1e-6);
        expect(stopSetting - opening * 4).toBeLessThan(1 / 16 + 1e-6);
      }),
    );
  });

  it('is fine with a cone, coarse with a disc on the same radiator', () => {
    expect(steamStop(VALVE).verdict).toBe('fine-enough');
    expect(steamStop({ ...VALVE, radiatorAreaM2Edr: 1, characteristic: 'compression' }).verdict).toBe(
      'too-coarse',
    );
  });

  it('says where it is too small, without a step', () => {
    const said = steamStop({ ...VALVE, openKv: 0.05 });
    expect(said).toMatchObject({ verdict: 'too-small', opening: 1, stopSetting: 4 });
    expect(said).not.toHaveProperty('stepPerSixteenth');
  });

  it.each([
    ['loadW', { loadW: 100 }],
    ['loadW', { radiatorAreaM2Edr: undefined }],
    ['returnPa', { returnPa: 3447 }],
  ])('refuses %s', (field, change) => {
    expect(() => steamStop({ ...VALVE, ...change })).toThrow(expect.objectContaining({ field }) as Error);
  });
});
