export { flushCalculation } from './flush-calculation.js';
export { type Flush, type FlushCase, flush } from './flush.js';
export {
  type HoldGiven,
  MOST_SAMPLES,
  holdGivenInput,
  holdTestCalculation,
} from './hold-test-calculation.js';
export {
  type HoldSample,
  type HoldTest,
  type HoldTestCase,
  NOT_PROVED_REASONS,
  type NotProvedReason,
  correctedPressures,
  holdTest,
} from './hold-test.js';
export { mainTestCalculation } from './main-test-calculation.js';
export { type MainTest, type MainTestCase, mainTest } from './main-test.js';
export {
  type ReducerGiven,
  reducerCheckCalculation,
  reducerGivenInput,
} from './reducer-check-calculation.js';
export {
  type ReducerCheck,
  type ReducerCheckCase,
  type ReducerSample,
  reducerCheck,
} from './reducer-check.js';
export { medianOf } from './median-of.js';
export { checkRisingTimes } from './rising-times.js';
export {
  type ReducerColumns,
  type SampleColumns,
  reducerSamplesOfColumns,
  samplesOfColumns,
} from './samples-of-columns.js';
export { HELD_PIPE_MATERIALS, type HeldPipe, type HeldPipeMaterial, warmthPaPerK } from './water-column.js';
