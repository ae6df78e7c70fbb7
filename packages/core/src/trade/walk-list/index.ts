export { type KnownJob, type WalkListCheck, checkWalkList } from './check-walk-list.js';
export {
  FURTHER_COLUMNS,
  LONGEST_LINE_NAME,
  LONGEST_REMARKS,
  NEEDED_COLUMNS,
  type RowProblem,
  type WalkRow,
  type WalkedPosition,
  readWalkRow,
} from './walk-row.js';
