export {
  type CostedOption,
  type LifeCost,
  type LifeCostCase,
  type LifeCostOption,
  type LifeFactors,
  lifeCost,
} from './life-cost.js';
export { lifeCostCalculation } from './life-cost-calculation.js';
export { type LifeSpread, chanceFailedBy, chanceInYear, expectedFailures } from './renewal.js';
