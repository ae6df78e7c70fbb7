export { BTU_J, EXAMPLES, LB_KG, PSI_PA, QUANTITIES, type Quantity, UNITS, type Unit } from './unit-table.js';
export { parseQuantity } from './parse-quantity.js';
export { UNIT_SYSTEMS, type UnitSystem, formatQuantity, inUnits } from './format-quantity.js';
export { METRIC_TUBE_DN, NOMINAL_SIZES, formatNominalSize, parseNominalSize } from './nominal-size.js';
