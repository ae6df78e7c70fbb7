export {
  CHANGE_KINDS,
  CHANGE_KIND_TABLE,
  type ChangeKind,
  type ChangeKindRow,
  UNDOABLE_KINDS,
} from './change-kinds.js';
export { type LoggedEntry, conditionFromEntries } from './condition-from-entries.js';
export {
  CONDITION_KINDS,
  ENTRY_KINDS,
  ENTRY_KIND_TABLE,
  type EntryFact,
  type EntryKind,
  type EntryKindRow,
} from './entry-kinds.js';
export { refuseOddEntry } from './refuse-odd-entry.js';
export { TASKS, TASK_WORDS, TURNING_TASKS, type Task } from './tasks.js';
export {
  CURVE_POINTS,
  LEFT,
  NOT_DONE,
  NOT_DONE_REASONS,
  type NotDone,
  type Visit,
  foundOnVisit,
  visitInput,
} from './visit.js';
