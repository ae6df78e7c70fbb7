import type { LanguageTable } from '../language-table.js';
import { sentences } from './sentences/index.js';
import { words } from './words/index.js';

/** Spanish. */
export const table: LanguageTable = { words, sentences };
