/**
 * Density of water at atmospheric pressure.
 *
 * @param temperatureC degrees C, 0 to 150
 * @returns kg/m3
 * Source: Kell (1975).
 *
 * @example
 * waterDensityKgM3(20) // 998.2
 */
export function waterDensityKgM3(temperatureC: number): number {
  const t = temperatureC;
  const top =
    999.83952 +
    t * (16.945176 + t * (-7.9870401e-3 + t * (-46.170461e-6 + t * (105.56302e-9 - t * 280.54253e-12))));
  return top / (1 + 16.87985e-3 * t);
}

/**
 * Dynamic viscosity of water.
 *
 * @param temperatureC degrees C
 * @returns Pa s
 * Source: the Vogel form 2.414e-5 x 10^(247.8 / (T - 140)), T in kelvin.
 *
 * @example
 * waterViscosityPaS(20) // 1.002e-3
 */
export function waterViscosityPaS(temperatureC: number): number {
  return 2.414e-5 * 10 ** (247.8 / (temperatureC + 273.15 - 140));
}

/**
 * Vapour pressure of water.
 *
 * @param temperatureC degrees C
 * @returns Pa absolute
 * Source: Buck (1996).
 *
 * @example
 * waterVapourPressureAbsPa(20) // 2339
 */
export function waterVapourPressureAbsPa(temperatureC: number): number {
  return 611.21 * Math.exp(((18.678 - temperatureC / 234.5) * temperatureC) / (257.14 + temperatureC));
}

export const WATER_BULK_MODULUS_PA = 2.19e9;
export const GRAVITY_MS2 = 9.80665;

/** Critical pressure of water, Pa absolute. Source: IAPWS. */
export const WATER_CRITICAL_PRESSURE_PA = 22.064e6;

/** 0 degrees C, K. */
export const ZERO_C_K = 273.15;

/** Standard atmosphere, Pa absolute. */
export const ATMOSPHERE_PA = 101_325;

const COLDEST_C = 0;
const HOTTEST_C = 150;

/**
 * A temperature within the range the water figures hold, the nearest where it is outside.
 *
 * @example
 * withinWaterRangeC(-4) // 0
 */
export const withinWaterRangeC = (temperatureC: number): number =>
  Math.min(Math.max(temperatureC, COLDEST_C), HOTTEST_C);
