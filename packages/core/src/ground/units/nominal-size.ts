import { InvalidInput } from '../input/index.js';
import { readNumber } from './read-number.js';

/** Nominal sizes: DN beside NPS in inches. Source: ISO 6708 and ASME B36.10M. */
export const NOMINAL_SIZES: readonly { dn: number; inches: number; nps: string }[] = [
  { dn: 6, inches: 0.125, nps: '1/8' },
  { dn: 8, inches: 0.25, nps: '1/4' },
  { dn: 10, inches: 0.375, nps: '3/8' },
  { dn: 15, inches: 0.5, nps: '1/2' },
  { dn: 20, inches: 0.75, nps: '3/4' },
  { dn: 25, inches: 1, nps: '1' },
  { dn: 32, inches: 1.25, nps: '1 1/4' },
  { dn: 40, inches: 1.5, nps: '1 1/2' },
  { dn: 50, inches: 2, nps: '2' },
  { dn: 65, inches: 2.5, nps: '2 1/2' },
  { dn: 80, inches: 3, nps: '3' },
  { dn: 90, inches: 3.5, nps: '3 1/2' },
  { dn: 100, inches: 4, nps: '4' },
  { dn: 125, inches: 5, nps: '5' },
  { dn: 150, inches: 6, nps: '6' },
  { dn: 200, inches: 8, nps: '8' },
  { dn: 250, inches: 10, nps: '10' },
  { dn: 300, inches: 12, nps: '12' },
  { dn: 350, inches: 14, nps: '14' },
  { dn: 400, inches: 16, nps: '16' },
  { dn: 450, inches: 18, nps: '18' },
  { dn: 500, inches: 20, nps: '20' },
  { dn: 600, inches: 24, nps: '24' },
  { dn: 750, inches: 30, nps: '30' },
  { dn: 900, inches: 36, nps: '36' },
  { dn: 1000, inches: 40, nps: '40' },
  { dn: 1050, inches: 42, nps: '42' },
  { dn: 1200, inches: 48, nps: '48' },
];

const SIZE_EXAMPLES = '3/4, 1-1/2 in or DN20';

/** Nominal size of metric tube by its outside, mm. Source: EN 1057 tube beside ISO 6708 nominal sizes. */
export const METRIC_TUBE_DN: Readonly<Record<number, number>> = {
  15: 15,
  22: 20,
  28: 25,
  35: 32,
  42: 40,
  54: 50,
};

/**
 * Reads a nominal pipe size as people type it.
 *
 * @param typed "3/4", `¾"`, "1-1/2 in", "0.75 in", "DN20", "40 mm"; a bare number is inches; 22 mm is metric tube by its outside
 * @param field the name used in a refusal
 * @returns the DN integer
 * @throws InvalidInput for a size that is not made, an outside diameter, or text that is no size
 *
 * @example
 * parseNominalSize('1-1/2 in') // 40
 */
export function parseNominalSize(typed: string, field = 'size'): number {
  const said = typed.trim();
  if (said === '') throw new InvalidInput(field, `No size is given. Enter it like ${SIZE_EXAMPLES}.`);
  const read = readNumber(said.replace(/^(dn|nps)\s*/i, ''));
  if ('trouble' in read)
    throw new InvalidInput(field, `“${said}” is not a pipe size. Enter it like ${SIZE_EXAMPLES}.`);
  if (/\bo\.?d\.?\b/i.test(read.rest)) {
    throw new InvalidInput(
      field,
      `“${said}” is an outside diameter. Give the nominal size: ${SIZE_EXAMPLES}.`,
    );
  }
  const unit = read.rest
    .toLowerCase()
    .replace(/[\s.]/g, '')
    .replace(/[“”″]|''/g, '"');
  const metric = /^dn/i.test(said) || unit === 'mm';
  if (!metric && !['', '"', 'in', 'inch', 'inches', 'nps', 'pulg', 'pulgada', 'pulgadas'].includes(unit)) {
    throw new InvalidInput(
      field,
      `“${said}”: “${read.rest}” is not a known unit of pipe size. Enter it like ${SIZE_EXAMPLES}.`,
    );
  }
  const dn = unit === 'mm' ? (METRIC_TUBE_DN[read.value] ?? read.value) : read.value;
  const size = NOMINAL_SIZES.find((row) =>
    metric ? row.dn === dn : Math.abs(row.inches - read.value) < 1e-9,
  );
  if (size) return size.dn;
  const mistaken = !metric && unit === '' && NOMINAL_SIZES.some((row) => row.dn === read.value);
  throw new InvalidInput(
    field,
    mistaken
      ? `“${said}”: which unit? Enter DN${read.value}, or the size in inches.`
      : `“${said}” is not a size pipe is made in. Enter it like ${SIZE_EXAMPLES}.`,
  );
}

/**
 * A nominal size as a person reads it.
 *
 * @example
 * formatNominalSize(40, 'us') // '1½ in'
 */
export function formatNominalSize(dn: number, system: 'us' | 'metric'): string {
  if (system === 'metric') return `DN${dn}`;
  const row = NOMINAL_SIZES.find((size) => size.dn === dn);
  return row ? `${withFraction(row.nps)} in` : `DN${dn}`;
}

const FRACTION_SIGNS: Record<string, string> = { '1/2': '½', '1/4': '¼', '3/4': '¾', '3/8': '⅜', '1/8': '⅛' };

function withFraction(nps: string): string {
  return nps.replace(/ ?(\d\/\d)$/, (_, fraction: string) => FRACTION_SIGNS[fraction] ?? fraction);
}
