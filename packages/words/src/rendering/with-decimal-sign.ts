/** A decimal figure that is no part of the name of a standard, of an address or of a time. */
const DECIMAL = /(?<![\w.,:/-]|CSA )(-?\d+)\.(\d+)(?![\w]*[.:/]\d)/g;

/**
 * A text with its decimal figures written with a decimal sign.
 *
 * @param text with points, as the core and the interface write figures
 *
 * @example
 * withDecimalSign('1.5 × working pressure, ASME B16.34', ',') // '1,5 × working pressure, ASME B16.34'
 */
export const withDecimalSign = (text: string, sign: '.' | ','): string =>
  sign === '.' ? text : text.replace(DECIMAL, `$1${sign}$2`);
