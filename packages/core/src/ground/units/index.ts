export {
  BTU_J,
  EXAMPLES,
  FT3_M3,
  LB_KG,
  PSI_PA,
  QUANTITIES,
  type Quantity,
  UNITS,
  type Unit,
} from './unit-table.js';
export { parseQuantity } from './parse-quantity.js';
export { readNumber } from './read-number.js';
export { UNIT_SYSTEMS, type UnitSystem, formatQuantity, inUnits, unitShown } from './format-quantity.js';
export { METRIC_TUBE_DN, NOMINAL_SIZES, formatNominalSize, parseNominalSize } from './nominal-size.js';
