import { type Quantity, UNITS, type Unit } from './unit-table.js';

export const UNIT_SYSTEMS = ['us', 'metric'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

const TIMES = [
  { symbol: 'min', from: 600 },
  { symbol: 's', from: 0 },
] as const;

/** Which unit shows a value: the first whose `from` is at or under the value's size. */
const SHOWN: Record<UnitSystem, Record<Quantity, readonly { symbol: string; from: number }[]>> = {
  us: {
    pressure: [
      { symbol: 'psi', from: 6894 },
      { symbol: 'in w.c.', from: 0 },
    ],
    temperature: [{ symbol: '°F', from: 0 }],
    flow: [{ symbol: 'gpm', from: 0 }],
    length: [
      { symbol: 'ft', from: 0.3 },
      { symbol: 'in', from: 0 },
    ],
    velocity: [{ symbol: 'ft/s', from: 0 }],
    time: TIMES,
    area: [{ symbol: 'sq ft EDR', from: 0 }],
    'steam flow': [{ symbol: 'lb/h', from: 0 }],
    torque: [{ symbol: 'ft·lb', from: 0 }],
    heat: [{ symbol: 'Btu/h', from: 0 }],
    'gas flow': [{ symbol: 'cfh', from: 0 }],
  },
  metric: {
    pressure: [
      { symbol: 'bar', from: 1e4 },
      { symbol: 'mbar', from: 0 },
    ],
    temperature: [{ symbol: '°C', from: 0 }],
    flow: [
      { symbol: 'L/s', from: 5e-5 },
      { symbol: 'L/min', from: 0 },
    ],
    length: [
      { symbol: 'm', from: 1 },
      { symbol: 'mm', from: 0 },
    ],
    velocity: [{ symbol: 'm/s', from: 0 }],
    time: TIMES,
    area: [{ symbol: 'm² EDR', from: 0 }],
    'steam flow': [{ symbol: 'kg/h', from: 0 }],
    torque: [{ symbol: 'N·m', from: 0 }],
    heat: [
      { symbol: 'kW', from: 1000 },
      { symbol: 'W', from: 0 },
    ],
    'gas flow': [{ symbol: 'm³/h', from: 0 }],
  },
};

/**
 * The figure and unit that show an SI value to a person. Three figures that count; nothing is stored rounded.
 *
 * @param value    Pa gauge, degrees C, m3/s or m
 * @param quantity what it measures
 * @param system   US customary or metric
 *
 * @example
 * formatQuantity(517106.797, 'pressure', 'us') // '75 psi'
 */
export function formatQuantity(value: number, quantity: Quantity, system: UnitSystem): string {
  const { figure, symbol } = inUnits(value, quantity, system);
  return `${figure} ${symbol}`;
}

/** The same, figure and unit apart: for columns that carry the unit in their head, pass the unit wanted. */
export function inUnits(
  value: number,
  quantity: Quantity,
  system: UnitSystem,
  symbol: string = shownSymbol(value, quantity, system),
): { figure: number; symbol: string } {
  const unit = unitNamed(symbol, quantity);
  return { figure: rounded((value - (unit.offset ?? 0)) / unit.factor), symbol };
}

/**
 * The unit in which a value is shown: for figures that are not to be rounded.
 *
 * @param value    SI
 * @param quantity what it measures
 * @param system   US customary or metric
 *
 * @example
 * unitShown(517106.797, 'pressure', 'us').symbol // 'psi'
 */
export const unitShown = (value: number, quantity: Quantity, system: UnitSystem): Unit =>
  unitNamed(shownSymbol(value, quantity, system), quantity);

function shownSymbol(value: number, quantity: Quantity, system: UnitSystem): string {
  const steps = SHOWN[system][quantity];
  const size = Math.abs(value);
  const usual = steps[0] as { symbol: string };
  if (size === 0) return usual.symbol;
  return (steps.find((step) => size >= step.from) ?? usual).symbol;
}

function unitNamed(symbol: string, quantity: Quantity): Unit {
  const unit = UNITS[quantity].find((candidate) => candidate.symbol === symbol);
  if (!unit) throw new Error(`no unit ${symbol} for ${quantity}`);
  return unit;
}

/** Three significant figures, and whole numbers from 100 up. */
function rounded(value: number): number {
  return Math.abs(value) >= 100 ? Math.round(value) : Number(value.toPrecision(3));
}
