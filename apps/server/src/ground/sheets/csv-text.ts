import Papa from 'papaparse';

/** What a spreadsheet takes for the beginning of a formula, in narrow and in full-width signs. */
const FORMULA = /^[=+\-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20]/;

/**
 * Rows as the text of a CSV file that runs nothing where it is opened.
 *
 * @param rows  cells, or objects by column
 * @param columns the columns of objects, in order
 *
 * @example
 * csvText([['=1+1']]) // "'=1+1"
 */
export function csvText(rows: readonly unknown[], columns?: readonly string[]): string {
  return Papa.unparse(columns ? { fields: [...columns], data: [...rows] } : [...rows], {
    newline: '\r\n',
    escapeFormulae: FORMULA,
  });
}
