export { FUEL_GASES, FUEL_GAS_FACTS, type FuelGas } from './fuel-gas.js';
export { type GasPurge, type GasPurgeInput, gasPurge } from './gas-purge.js';
export { gasPurgeCalculation } from './gas-purge-calculation.js';
export { FITTING_BORES, type GasFitting, type GasRun, type GasRunInput, gasRun } from './gas-run.js';
export { gasRunCalculation } from './gas-run-calculation.js';
export { gasPerKv } from './gas-through-valve.js';
