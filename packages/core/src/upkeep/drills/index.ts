export { LAST_SEED, drillCalculation, drillGradeCalculation } from './drill-calculations.js';
export { type DrillQuestions, type DrillSeed, drill, gradeDrill, gradeMade } from './drill.js';
export { KINDS_OF_TRADE } from './drill-table.js';
export { type Draw, drawFrom } from './draw.js';
export { type ChooseValveQuestion, chosenOf } from './kinds/choose-valve.js';
export { type HearItQuestion } from './kinds/hear-it.js';
export { type HoldsOrNotQuestion } from './kinds/holds-or-not.js';
export { type NameItQuestion, typeDrawn } from './kinds/name-it.js';
export { type PurgeOrderQuestion } from './kinds/purge-order.js';
export { type SayItQuestion } from './kinds/say-it.js';
export { type ShutItQuestion, peakOf } from './kinds/shut-it.js';
export { type TouchItQuestion, touchedOf } from './kinds/touch-it-or-not.js';
export { orderFieldName } from './kinds/valve-to-order.js';
export { type WhatIsWrongQuestion } from './kinds/what-is-wrong.js';
export { type WhatToCloseQuestion, closedOf } from './kinds/what-to-close.js';
export {
  type AnswerAsked,
  DRILL_KINDS,
  DRILL_LEVELS,
  DRILL_TRADES,
  type DrillAnswer,
  type DrillGrade,
  type DrillItem,
  type DrillKind,
  type DrillLevel,
  type DrillTrade,
  type MadeDrill,
} from './made-drill.js';
export {
  ANSWERS_IN_A_ROW,
  type Readiness,
  type TakenDrill,
  drillReadiness,
  lastPassed,
  nextLevel,
} from './readiness.js';
export {
  SHOWN_KINDS,
  type ShownKind,
  type ShownQuestion,
  positionDrill,
  shownDrill,
  shownKind,
} from './shown-drill.js';
