export { HOLD_RULES, type HoldRule, LINE_KINDS, type LineKind, lineKindOf } from './hold-rules.js';
export { type HoldSoFar, holdSoFar } from './hold-so-far.js';
export { keepExtremes } from './keep-extremes.js';
export { type LogSample, type ReadLog, type ReadingProblem, readReadings } from './read-readings.js';
export { type StartUp, type StartUpEntry, type StartUpItem, type StartUpStep, startUp } from './start-up.js';
export { type StartedLine, type StartedPosition, hasPlastic, heldLine, isBuried } from './started-line.js';
export { START_UP_STEPS, STEP_TABLE, type StartUpStepId, type StepFigure } from './step-table.js';
export { type StepField, type StepValues, checkStepValues } from './step-values.js';
export { startedLineOf } from './started-line-of.js';
