import { waterDensityKgM3, waterVapourPressureAbsPa, waterViscosityPaS } from './index.js';

describe('water', () => {
  it.each([
    [4, 999.97],
    [20, 998.2],
    [60, 983.2],
    [95, 961.9],
  ])('at %d degrees C weighs %d kg/m3', (t, density) => {
    expect(waterDensityKgM3(t)).toBeCloseTo(density, 1);
  });

  it('thins as it warms', () => {
    expect(waterViscosityPaS(20)).toBeCloseTo(1.002e-3, 6);
    expect(waterViscosityPaS(60)).toBeCloseTo(0.466e-3, 5);
  });

  it('boils at 100 degrees C under one atmosphere', () => {
    expect(waterVapourPressureAbsPa(20)).toBeCloseTo(2339, -1);
    expect(waterVapourPressureAbsPa(100)).toBeGreaterThan(101000);
    expect(waterVapourPressureAbsPa(100)).toBeLessThan(101700);
  });
});
