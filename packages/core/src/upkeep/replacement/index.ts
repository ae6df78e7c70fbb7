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
