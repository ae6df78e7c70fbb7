export {
  MEDIA,
  MEDIUM_FACTS,
  type Medium,
  type MediumFamily,
  isFuelGas,
  isGas,
  isLiquid,
  isPotable,
  isRawWaste,
  isSteam,
  isWaterLike,
} from './media.js';
export {
  GRAVITY_MS2,
  WATER_BULK_MODULUS_PA,
  ATMOSPHERE_PA,
  ZERO_C_K,
  WATER_CRITICAL_PRESSURE_PA,
  waterDensityKgM3,
  waterVapourPressureAbsPa,
  waterViscosityPaS,
  withinWaterRangeC,
} from './water.js';
