export { MARGIN_FACTS, MARGIN_FACT_TABLE, type MarginFact } from './margin-facts.js';
export { type Edge, type Margins, margins } from './margins.js';
export {
  type Matters,
  type OpenQuestion,
  type OpenQuestions,
  type TriedValue,
  openQuestions,
} from './open-questions.js';
export { openVerdicts } from './open-verdicts.js';
export { marginsCalculation, openQuestionsCalculation, remediesCalculation } from './outlook-calculations.js';
export type { TrialValue } from './question-trials.js';
export { factOf, withFact } from './read-facts.js';
export { type Remedies, type Remedy, remedies } from './remedies.js';
