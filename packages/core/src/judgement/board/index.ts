export { type LineSentence, FAILURE_WORDS, failuresOf, jobFailures, lineSentence } from './line-sentence.js';
export { type AskedPosition, type JobOutlook, type JobQuestion, jobOutlook } from './job-outlook.js';
export { type NextStep, nextOnJob } from './next-on-job.js';
export {
  type Failure,
  type PositionFacts,
  type PositionState,
  POSITION_STATES,
  countByState,
  valveFailure,
  positionState,
} from './position-state.js';
