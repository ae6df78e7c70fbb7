export { assumedFacts } from './assumed-facts.js';
export { asNew } from './as-new.js';
export { type Assembly, NEAR_RATING, measuredAgainst, mostOfPlasticPa, rateAssembly } from './assembly.js';
export { liquidDensityKgM3, pipeBoreM, usualWaveSpeedMs, valveBoreM } from './bore.js';
export { type Candidate, candidateFields, candidateInput } from './candidate.js';
export {
  type ClosingLine,
  type ClosingRun,
  type ClosingTime,
  type OpenLine,
  closingLaw,
  closingLine,
  closingPeakPa,
  closingTime,
  leastClosingS,
  lineOfRun,
  mostPeakPa,
} from './closing/index.js';
export {
  type Duty,
  FACT_ORIGINS,
  type FactOrigin,
  FLOW_PATTERNS,
  LINE_FACTS,
  LINE_ONLY_FACTS,
  STEAM_RETURNS,
  type LineFacts,
  ORIENTATIONS,
  PLACES,
  type PositionDuty,
  SOLIDS,
  THREADS,
  dutyFields,
  dutyInput,
  lineFactsInput,
  positionDutyInput,
} from './duty.js';
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
export { judgeGasJoint, judgeJointRating } from './judge-joints.js';
export { oncePerDuty } from './once-per-duty.js';
export {
  type DutyFact,
  type Judgement,
  type Measured,
  type ReasonVerdict,
  type Rule,
  type Verdict,
  worstOf,
  advice,
  ask,
  askDuty,
  OF_A_CLOSING,
  VERDICTS,
  VERDICT_RANK,
  askedFact,
  care,
  ruledOut,
  supports,
} from './rule.js';
export { closingLimitPa, surgeLimitPa } from './surge-limit.js';
