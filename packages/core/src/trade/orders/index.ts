export {
  CURRENCIES,
  type SheetAmount,
  coinAmounts,
  currencyDecimals,
  lineAmount,
  sheetAmount,
  wholeAmounts,
} from './amounts.js';
export { type JudgedSubstitute, judgeSubstitute, substituteLine } from './judge-substitute.js';
export { ORDER_STATES, type OrderState, isUnderWay, nextStates, stateReceived } from './order-state.js';
export {
  type AnswerKind,
  type AnsweredLine,
  type ComparedAnswer,
  type ComparedLine,
  type SupplierAnswer,
  answerKind,
  compareAnswers,
  quotedEach,
  supplierAnswerInput,
} from './quotation.js';
export {
  SHEET_COLUMNS,
  type SheetChange,
  type SheetColumn,
  type SheetRead,
  type SheetRow,
  readSheetRows,
} from './sheet-rows.js';
