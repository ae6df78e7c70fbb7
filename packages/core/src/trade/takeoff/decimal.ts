/** A number as people write it: digits and how many of them stand behind the point. */
interface Written {
  digits: bigint;
  places: number;
}

/** The shortest decimal that is this number, taken apart; exponents written out. */
function written(value: number): Written {
  const [figure = '0', exponent = '0'] = String(value).split('e');
  const [whole = '0', behind = ''] = figure.split('.');
  const places = behind.length - Number(exponent);
  const digits = BigInt(whole + behind);
  return places < 0 ? { digits: digits * 10n ** BigInt(-places), places: 0 } : { digits, places };
}

const numberOf = ({ digits, places }: Written): number => Number(`${digits}e-${places}`);

/**
 * A product as it is worked out on paper, free of binary fractions.
 *
 * @example
 * decimalProduct(0.07, 100) // 7, where 0.07 * 100 is 7.000000000000001
 */
export function decimalProduct(a: number, b: number): number {
  const [one, other] = [written(a), written(b)];
  return numberOf({ digits: one.digits * other.digits, places: one.places + other.places });
}

/**
 * A difference as it is worked out on paper.
 *
 * @example
 * decimalDifference(0.3, 0.1) // 0.2
 */
export function decimalDifference(a: number, b: number): number {
  const [one, other] = [written(a), written(b)];
  const places = Math.max(one.places, other.places);
  const scaled = ({ digits, places: own }: Written): bigint => digits * 10n ** BigInt(places - own);
  return numberOf({ digits: scaled(one) - scaled(other), places });
}

/**
 * A product rounded up to a whole number, free of binary fractions.
 *
 * @example
 * decimalCeiling(0.07, 100) // 7
 */
export function decimalCeiling(a: number, b: number): number {
  const [one, other] = [written(a), written(b)];
  const under = 10n ** BigInt(one.places + other.places);
  const over = one.digits * other.digits;
  return Number((over + under - 1n) / under);
}

/**
 * A sum as it is worked out on paper.
 *
 * @example
 * decimalSum([0.1, 0.2]) // 0.3
 */
export function decimalSum(values: readonly number[]): number {
  const all = values.map(written);
  const places = Math.max(0, ...all.map((one) => one.places));
  const digits = all.reduce((sum, one) => sum + one.digits * 10n ** BigInt(places - one.places), 0n);
  return numberOf({ digits, places });
}

/**
 * An amount rounded to the smallest coin, half away from nothing.
 *
 * @param value  amount
 * @param places decimal places of the currency, 2 for cents
 *
 * @example
 * roundedAmount(1.005, 2) // 1.01, where Math.round(100.5 * ...) says 1
 */
export function roundedAmount(value: number, places = 2): number {
  const { digits, places: own } = written(value);
  if (own <= places) return value;
  const unit = 10n ** BigInt(own - places);
  const size = digits < 0n ? -digits : digits;
  const whole = (size * 2n + unit) / (unit * 2n);
  return numberOf({ digits: digits < 0n ? -whole : whole, places });
}
