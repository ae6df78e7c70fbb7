const PARTS = 64;

/**
 * Inches with plain fractions where they are some.
 *
 * @param value in
 *
 * @example
 * inches(1.375) // '1 3/8'
 */
export function inches(value: number): string {
  const parts = value * PARTS;
  if (!Number.isInteger(parts)) return String(value);
  const whole = Math.floor(value);
  let over = parts - whole * PARTS;
  let under = PARTS;
  while (over > 0 && over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  return [whole > 0 || over === 0 ? String(whole) : '', over > 0 ? `${over}/${under}` : '']
    .filter(Boolean)
    .join(' ');
}
