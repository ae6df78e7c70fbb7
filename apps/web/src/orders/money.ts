import type { OrderLineView } from '@grevik/contracts';

/** Amounts in the company's currency; a price may have more places than a coin. */
export const moneyIn = (currency: string): ((amount: number) => string) => {
  const format = new Intl.NumberFormat('en', { style: 'currency', currency, maximumFractionDigits: 4 });
  return (amount) => format.format(amount);
};

/** A line as the core adds it up. */
export const priced = ({ quantity, unitPrice }: OrderLineView): { quantity: number; unitPrice?: number } => ({
  quantity,
  ...(unitPrice !== null && { unitPrice }),
});
