export * from '../duty/index.js';
export { ADVICE } from './advice.js';
export { type ExpectedLife, type LifeReason, expectedLife } from './expected-life.js';
export {
  type Judged,
  type Reason,
  judgeCandidate,
  judgementsOf,
  judging,
  reasonFrom,
} from './judge-candidate.js';
export { boreRatio, estimatedOpenKv } from './open-kv.js';
export { RULES } from './rules/index.js';
export { pricePerYear, rank } from './score.js';
export { type Scoring, type Selected, type Selection, select, typesServing } from './select.js';
export { type TypeService, functionWords, mediaWords, typeService } from './type-service.js';
export { selectCalculation } from './select-calculation.js';
export { STANDARD_WEIGHTS, WEIGHTED, type Weights } from './weights.js';
