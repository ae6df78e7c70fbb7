export {
  type CalculationFailure,
  MOST_INPUTS,
  calculate,
  calculateOrRefuse,
  failureOf,
  findCalculation,
} from './calculate.js';
export { helpText } from './help.js';
export { CALCULATIONS } from './registry.js';
