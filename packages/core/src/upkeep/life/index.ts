export {
  type CostedOption,
  type LifeCost,
  type LifeCostCase,
  type LifeCostOption,
  type LifeFactors,
  lifeCost,
  runningCosts,
} from './life-cost.js';
export { lifeCostCalculation } from './life-cost-calculation.js';
export { type LifeEvent, livesSeen } from './lives-seen.js';
export {
  type CorrectedLife,
  type Learned,
  type LearnedOfType,
  OWN_GATES_FROM,
  type LifeSeen,
  correctedLife,
  learnedByType,
  learnedFrom,
  learnedIn,
  ownGateLife,
  ownLivesSaid,
  withMedian,
} from './own-lives.js';
export { type OwnGates, followedHouseRules, ownGates } from './own-gates.js';
export { type LifeSpread, chanceFailedBy, chanceInYear, expectedFailures } from './renewal.js';
export { type TypicalLife, typicalLife } from './typical-lives.js';
export { type LifeCase, type ValveLife, valveLife } from './valve-life.js';
