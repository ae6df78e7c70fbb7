export { type Interval, calendarDay, dayAfter, daysBetween } from './calendar-day.js';
export { type KeptValve } from './interval-table.js';
export {
  type DueTask,
  type LeftAlone,
  type NextDueCase,
  type TaskDone,
  leftAlone,
  nextDue,
} from './next-due.js';
export { nextDueCalculation } from './next-due-calculation.js';
export {
  type TurnMeaning,
  type TurnsCase,
  type TurnsJudged,
  TURN_MEANINGS,
  judgeTurns,
  torqueLimitNm,
} from './judge-turns.js';
export {
  type OwnInterval,
  type OwnIntervals,
  SET_BY,
  type SetBy,
  type SetInterval,
  intervalsThatCount,
  ownIntervalInput,
  parseInterval,
  readInterval,
} from './own-intervals.js';
export {
  type PlannedStop,
  type RoundDays,
  type RoundStop,
  planDays,
  stopMinutes,
  twoPeople,
} from './round-plan.js';
export {
  type DueAtPosition,
  type DueHere,
  type KeptEntry,
  type KeptPosition,
  type ValveInService,
  dueAt,
  valveInService,
} from './valve-in-service.js';
export { type TurnPoint, highestTorqueNm, thinnedCurve } from './turn-curve.js';
export { readTurns } from './read-turns.js';
export { siteCautions } from './site-cautions.js';
export { type PlacedPosition, metersBetween, shortTour, walkingOrder } from './walking-order.js';
