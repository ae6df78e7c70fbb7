export { heldPipe } from './held-pipe.js';
export { HOLD_RULES, type HoldRule, LINE_KINDS, type LineKind, lineKindOf } from './hold-rules.js';
export { type HoldSoFar, holdSoFar } from './hold-so-far.js';
export { type OwnHoldRule, type OwnHoldRules, holdRule, ownHoldRulesInput } from './own-hold-rules.js';
export { type BegunReading, judgeReading } from './judge-reading.js';
export { keepExtremes } from './keep-extremes.js';
export { type LogSample, type ReadLog, type ReadingProblem, readReadings } from './read-readings.js';
export { type StartUp, type StartUpEntry, type StartUpItem, type StartUpStep, startUp } from './start-up.js';
export { type StartedLine, type StartedPosition, hasPlastic, heldLine, isBuried } from './started-line.js';
export {
  READING_STEPS,
  type ReadingStep,
  START_UP_STEPS,
  type StartUpStepId,
  type StepFigure,
} from './step-row.js';
export { STEP_TABLE } from './step-table.js';
export { type StepField, type StepValues, checkStepValues } from './step-values.js';
export { type ChartedValve, type TurnsToClose, type ValveChart, valveChart } from './valve-chart.js';
export { startedLineOf } from './started-line-of.js';
