export { ADVICE } from './advice.js';
export { type Assembly, rateAssembly } from './assembly.js';
export { liquidDensityKgM3, movingColumn, pipeBoreM, usualWaveSpeedMs, valveBoreM } from './bore.js';
export { type Candidate, candidateFields, candidateInput } from './candidate.js';
export {
  type Duty,
  FLOW_PATTERNS,
  ORIENTATIONS,
  PLACES,
  type PositionDuty,
  SOLIDS,
  dutyInput,
  positionDutyInput,
} from './duty.js';
export { type ExpectedLife, type LifeReason, expectedLife } from './expected-life.js';
export {
  HOUSE_RULES,
  type HouseRule,
  type HouseRuleSettings,
  type OptionOf,
  claimAndOptions,
  houseRulesInput,
  houseRuleSettings,
  withOptions,
} from './house-rules.js';
export { type Judged, type Reason, type Verdict, judgeCandidate } from './judge-candidate.js';
export { boreRatio, estimatedOpenKv } from './open-kv.js';
export type { Measured, ReasonVerdict, Rule } from './rule.js';
export { RULES } from './rules/index.js';
export { pricePerYear } from './score.js';
export { type Scoring, type Selected, type Selection, select } from './select.js';
export { selectCalculation } from './select-calculation.js';
export { STANDARD_WEIGHTS, WEIGHTED, type Weights } from './weights.js';
