export { en } from './en/index.js';
export type { LanguageTable, SameWords, Sentences } from './language-table.js';
export {
  LANGUAGES,
  LANGUAGE_NAMES,
  type Language,
  decimalSignOf,
  languageFor,
  tableOf,
} from './languages.js';
export { withDecimalSign } from './rendering/with-decimal-sign.js';
export { readerOf } from './rendering/reader-of.js';
