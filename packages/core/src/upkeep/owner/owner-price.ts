/** What an option is made up of. */
export interface OwnerCosts {
  /** Amounts in the company’s currency. */
  valve: number;
  /** Fittings and whatever else goes with it. */
  parts: number;
  hours: number;
  hourlyRate: number;
  /** As a share; left out, tax is not worked out. */
  taxRate?: number | undefined;
}

/** An option’s price in whole, each part of it as it is printed. */
export interface OwnerPrice {
  valve: number;
  parts: number;
  work: number;
  tax: number;
  whole: number;
}

/**
 * The price of an option for an owner: what is printed adds up to what is printed below it.
 *
 * @param costs  valve and parts, hours and what an hour costs, tax as a share
 * @param places digits of the currency behind the point
 *
 * @example
 * ownerPrice({ valve: 21.9, parts: 8.5, hours: 1.5, hourlyRate: 95, taxRate: 0.07 }, 2) // { valve: 21.9, parts: 8.5, work: 142.5, tax: 12.1, whole: 185 }
 */
export function ownerPrice(
  { valve, parts, hours, hourlyRate, taxRate = 0 }: OwnerCosts,
  places: number,
): OwnerPrice {
  const smallest = 10 ** places;
  const coins = (amount: number): number => Math.round(Number((amount * smallest).toPrecision(12)));
  const [ofValve, ofParts, ofWork] = [coins(valve), coins(parts), coins(hours * hourlyRate)];
  const before = ofValve + ofParts + ofWork;
  const tax = Math.round(Number((before * taxRate).toPrecision(12)));
  return {
    valve: ofValve / smallest,
    parts: ofParts / smallest,
    work: ofWork / smallest,
    tax: tax / smallest,
    whole: (before + tax) / smallest,
  };
}
