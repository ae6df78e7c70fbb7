/**
 * Turns as one counts them on the stem: whole, and a part in sixteenths, shortened.
 *
 * @example
 * sixteenths(2.625) // '2 5/8'
 */
export function sixteenths(turns: number): string {
  const all = Math.round(turns * 16);
  const whole = Math.floor(all / 16);
  let part = all % 16;
  let of = 16;
  while (part > 0 && part % 2 === 0) {
    part /= 2;
    of /= 2;
  }
  return [whole > 0 || part === 0 ? String(whole) : '', part > 0 ? `${part}/${of}` : '']
    .filter(Boolean)
    .join(' ');
}
