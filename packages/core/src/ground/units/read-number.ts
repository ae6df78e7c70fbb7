const VULGAR: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅙': '1/6',
};

/** What stands at the head of a typed quantity: the number, and the rest behind it; or why it cannot be read. */
export type NumberRead = { value: number; rest: string } | { trouble: 'none' | 'comma' };

/**
 * Reads the number a typed quantity starts with: `3/4`, `¾`, `1-1/2`, `1 1/2`, `1½`, `0.75`, `5,2`, `-4`.
 *
 * @param text    as typed, any case
 * @param decimal the sign of decimals its writer is used to
 * @returns the number and what follows it; `trouble: 'comma'` for `1,200`, which may mean 1200 or 1.2, and for `1.200` of somebody who writes `1,2`
 *
 * @example
 * readNumber('1-1/2 in') // { value: 1.5, rest: 'in' }
 */
export function readNumber(text: string, decimal: '.' | ',' = '.'): NumberRead {
  const spelled = text
    .trim()
    .replace(/[−–]/g, '-')
    .replace(/⁄/g, '/')
    .replace(/[¼½¾⅛⅜⅝⅞⅓⅔⅙]/g, (sign) => ` ${VULGAR[sign] ?? ''}`)
    .trim();
  const mixed = /^(-?)(?:(\d+)(?:\s*-\s*|\s+))?(\d+)\s*\/\s*([1-9]\d*)/.exec(spelled);
  if (mixed) {
    const [all, sign, whole, over, under] = mixed;
    const value = Number(whole ?? 0) + Number(over) / Number(under);
    return { value: sign === '-' ? -value : value, rest: spelled.slice(all.length).trim() };
  }
  const plain = /^[-+]?(\d+(?:[.,]\d+)*|\.\d+)(?:e[-+]?\d+)?/i.exec(spelled);
  if (!plain) return { trouble: 'none' };
  const digits = plain[0];
  if (decimal === ',' && /^[-+]?\d{1,3}\.\d{3}$/.test(digits)) return { trouble: 'comma' };
  if (/,\d{3}$/.test(digits) && !digits.includes('.')) return { trouble: 'comma' };
  const value = Number(withPoint(digits, decimal));
  if (!Number.isFinite(value)) return { trouble: 'none' };
  return { value, rest: spelled.slice(digits.length).trim() };
}

/** Digits with a point for decimals; what parts thousands is left out where decimals stand behind it. */
function withPoint(digits: string, decimal: '.' | ','): string {
  const thousands = decimal === '.' ? ',' : '.';
  const last = digits.lastIndexOf(decimal);
  const isParted = last > 0 && digits.slice(0, last).includes(thousands);
  return (isParted ? digits.replaceAll(thousands, '') : digits).replace(',', '.');
}
