import { decimalProduct, decimalSum, roundedAmount } from '../takeoff/index.js';

/**
 * Decimal places of a currency's smallest coin.
 *
 * @param currency ISO 4217 code
 *
 * @example
 * currencyDecimals('JPY') // 0
 */
export const currencyDecimals = (currency: string): number =>
  new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2;

/**
 * Says amounts of a currency in whole units: what is planned for years is not known to the cent.
 *
 * @param currency ISO 4217 code
 *
 * @example
 * wholeAmounts('USD')(1234.5) // '$1,235'
 */
export function wholeAmounts(currency: string): (amount: number) => string {
  const format = new Intl.NumberFormat('en', { style: 'currency', currency, maximumFractionDigits: 0 });
  return (amount) => format.format(amount);
}

/**
 * Says amounts of a currency to its smallest coin, each with all its places.
 *
 * @param currency ISO 4217 code
 *
 * @example
 * coinAmounts('USD')(142.5) // '$142.50'
 */
export function coinAmounts(currency: string): (amount: number) => string {
  const format = coinFormats.get(currency) ?? new Intl.NumberFormat('en', { style: 'currency', currency });
  coinFormats.set(currency, format);
  return (amount) => format.format(amount);
}

/** Making a format takes longer than a thousand uses of it. */
const coinFormats = new Map<string, Intl.NumberFormat>();

/** Currencies prices can be in. Source: ISO 4217, as far as they are in everyday use. */
export const CURRENCIES: readonly string[] = Intl.supportedValuesOf('currency');

interface Priced {
  quantity: number;
  unitPrice?: number;
}

/**
 * What a line comes to: decimal, rounded to the smallest coin, half up.
 *
 * @param line   quantity and price each; without a price undefined
 * @param places decimal places of the currency
 *
 * @example
 * lineAmount({ quantity: 3, unitPrice: 1.005 }) // 3.02
 */
export const lineAmount = ({ quantity, unitPrice }: Priced, places = 2): number | undefined =>
  unitPrice === undefined ? undefined : roundedAmount(decimalProduct(quantity, unitPrice), places);

export interface SheetAmount {
  amount: number;
  /** Lines that have no price yet. */
  unpriced: number;
}

/**
 * What lines come to together: the sum of their rounded amounts, and how many have no price yet.
 *
 * @example
 * sheetAmount([{ quantity: 2, unitPrice: 0.1 }, { quantity: 1 }]) // { amount: 0.2, unpriced: 1 }
 */
export function sheetAmount(lines: readonly Priced[], places = 2): SheetAmount {
  const amounts = lines.map((line) => lineAmount(line, places));
  return {
    amount: decimalSum(amounts.filter((amount) => amount !== undefined)),
    unpriced: amounts.filter((amount) => amount === undefined).length,
  };
}
