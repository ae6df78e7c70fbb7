/** Says amounts of a currency in whole units: what is planned for years is not known to the cent. */
export function moneyIn(currency: string): (amount: number) => string {
  const format = new Intl.NumberFormat('en', { style: 'currency', currency, maximumFractionDigits: 0 });
  return (amount) => format.format(amount);
}
