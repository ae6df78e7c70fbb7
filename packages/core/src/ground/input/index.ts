export { InvalidInput } from './invalid-input.js';
export { type Field, type ValueOf, refuse, shown } from './field.js';
export { type NumberLimits, choice, flag, list, number, optional, text } from './fields.js';
export { type RecordOf, oneOf, record } from './record.js';
