export {
  type PlannedValve,
  type PlanningCosts,
  chanceInYearFromAge,
  failuresInYear,
  planningCosts,
} from './planning-costs.js';
export {
  type ReplacementCase,
  type ReplacementPlan,
  type ReplacementYear,
  replacementPlan,
  yearsOfPlan,
} from './replacement-plan.js';
export { replacementPlanCalculation } from './replacement-plan-calculation.js';
export {
  type BudgetSettings,
  STANDARD_BUDGET,
  WETS,
  WETS_WORDS,
  type Wets,
  budgetSettingsInput,
  HOURS_TO_CHANGE,
  hoursToChange,
} from './budget-settings.js';
export {
  type CandidatePlace,
  type CostedCandidate,
  type CostedValve,
  candidateCost,
} from './candidate-cost.js';
export { type BudgetedValve, type NotPlanned, type ServedValve, budgetValve } from './budget-valve.js';
export {
  type Budget,
  type BudgetCase,
  type BudgetLine,
  type BudgetPoint,
  type BudgetYear,
  type MovedByHand,
  budgetCurve,
  budgetOf,
} from './budget.js';
export { mustNotWait } from './must-not-wait.js';
export { type ValveOutage, outagesOnLine } from './valve-outage.js';
