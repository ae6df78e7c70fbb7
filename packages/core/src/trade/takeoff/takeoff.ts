import { InvalidInput } from '../../ground/input/index.js';
import { decimalCeiling, decimalDifference, decimalProduct } from './decimal.js';
import { STOPS_PER_FIXTURE } from './stops-per-fixture.js';

/** One way of equipping the whole job. */
export interface TakeoffOption {
  name: string;
  unitPrice: number;
  /** From so many pieces on all of them cost so much. */
  breaks?: readonly { from: number; unitPrice: number }[] | undefined;
  lifeYears?: number | undefined;
}

export interface TakeoffInput {
  fixtures: readonly { kind: string; count: number }[];
  /** Stops for each kind of fixture, over the usual ones. */
  template?: Readonly<Record<string, number>> | undefined;
  options: readonly TakeoffOption[];
  /** Fraction of the quantity. */
  spares?: number | undefined;
  currency: string;
}

export interface Takeoff {
  /** With spares. */
  quantity: number;
  lines: { kind: string; count: number; each: number; total: number }[];
  options: { name: string; unit: number; total: number; perYear?: number }[];
  /** The second option less the first, where there are two. */
  difference?: { total: number; perUnit: number; perFixture: number };
}

/**
 * Counts the stops of a job and compares ways of equipping it in money.
 *
 * @param job fixtures by kind, template, options with price breaks, spares as a fraction
 * @returns quantities by fixture and in all; each option's price at that quantity, its total and its cost a year
 * @throws InvalidInput where a kind is in no template, or two breaks begin at one quantity
 * Source: the trade's template; a break's price holds for the whole quantity; spares are rounded up once, on the total. Sums and products are decimal; a
 * cost a year and a share for each fixture are quotients, rounded only where they are shown.
 *
 * @example
 * takeoff({ fixtures: [{ kind: 'basin', count: 10 }], options: [{ name: 'a', unitPrice: 4.5 }], spares: 0.05, currency: 'USD' }).quantity // 21
 */
export function takeoff({ fixtures, template = {}, options, spares = 0 }: TakeoffInput): Takeoff {
  const stops: Readonly<Record<string, number>> = { ...STOPS_PER_FIXTURE, ...template };
  const lines = fixtures.map(({ kind, count }, at) => {
    const each = Object.hasOwn(stops, kind) ? stops[kind] : undefined;
    if (each === undefined)
      throw new InvalidInput(
        `fixtures[${at}].kind`,
        `fixtures[${at}].kind is "${kind}", which the template does not have: give its stops in template, or one of ${Object.keys(stops).join(', ')}.`,
      );
    return { kind, count, each, total: each * count };
  });
  const counted = lines.reduce((sum, { total }) => sum + total, 0);
  const quantity = counted + decimalCeiling(spares, counted);
  const priced = options.map(({ name, unitPrice, breaks = [], lifeYears }, at) => {
    const unit = unitAt(unitPrice, breaks, quantity, `options[${at}].breaks`);
    const total = decimalProduct(unit, quantity);
    return { name, unit, total, ...(lifeYears !== undefined && { perYear: total / lifeYears }) };
  });
  const [first, second] = priced;
  const fixtureCount = fixtures.reduce((sum, { count }) => sum + count, 0);
  const total =
    first && second && priced.length === 2 ? decimalDifference(second.total, first.total) : undefined;
  return {
    quantity,
    lines,
    options: priced,
    ...(total !== undefined && {
      difference: {
        total,
        perUnit: decimalDifference(second?.unit ?? 0, first?.unit ?? 0),
        perFixture: fixtureCount === 0 ? 0 : total / fixtureCount,
      },
    }),
  };
}

function unitAt(
  unitPrice: number,
  breaks: NonNullable<TakeoffOption['breaks']>,
  quantity: number,
  field: string,
): number {
  const seen = new Set<number>();
  let unit = unitPrice;
  let reached = 0;
  for (const [at, { from, unitPrice: lower }] of breaks.entries()) {
    if (seen.has(from))
      throw new InvalidInput(
        `${field}[${at}].from`,
        `${field}[${at}].from is ${from}, as another break’s: give each once.`,
      );
    seen.add(from);
    if (from > quantity || from <= reached) continue;
    reached = from;
    unit = lower;
  }
  return unit;
}
