import type { OrderLineView } from '@grevik/contracts';
import { decimalSign, numberLocale } from '../words';
import { type SheetAmount, currencyDecimals, lineAmount, sheetAmount } from '@grevik/core';

type Priced = Pick<OrderLineView, 'quantity' | 'unitPrice'>;

/** Works out and says amounts in one currency, to its own smallest coin. */
export interface Till {
  places: number;
  /** A price may have more places than a coin. */
  say: (amount: number) => string;
  amount: (line: Priced) => number | undefined;
  total: (lines: readonly Priced[]) => SheetAmount;
}

/** The till of a company's currency. */
export function tillIn(currency: string): Till {
  const places = currencyDecimals(currency);
  const format = new Intl.NumberFormat(numberLocale(), {
    style: 'currency',
    currency,
    maximumFractionDigits: 4,
    // A point between thousands would be taken for a sign of decimals.
    useGrouping: decimalSign() === '.',
  });
  return {
    places,
    say: (amount) => format.format(amount),
    amount: (line) => lineAmount(plain(line), places),
    total: (lines) => sheetAmount(lines.map(plain), places),
  };
}

const plain = ({ quantity, unitPrice }: Priced): { quantity: number; unitPrice?: number } => ({
  quantity,
  ...(unitPrice !== null && { unitPrice }),
});
