import fc from 'fast-check';
import { InvalidInput } from '../input/index.js';
import {
  NOMINAL_SIZES,
  QUANTITIES,
  UNITS,
  formatNominalSize,
  formatQuantity,
  inUnits,
  parseNominalSize,
  parseQuantity,
} from './index.js';
import { readNumber } from './read-number.js';

describe('what people type', () => {
  it.each([
    ['60 psi', 'pressure', 413685.43759],
    ['60psig', 'pressure', 413685.43759],
    ['4 bar', 'pressure', 400000],
    ['5,2 bar', 'pressure', 520000],
    ['620 kPa', 'pressure', 620000],
    ['17 mbar', 'pressure', 1700],
    ['7 in w.c.', 'pressure', 1743.62237],
    ['7 inches water column', 'pressure', 1743.62237],
    ['7" WC', 'pressure', 1743.62237],
    ['30 ft head', 'pressure', 89672.0076],
    ['5.2 Bar (g)', 'pressure', 520000],
    ['75 PSI', 'pressure', 517106.796988],
    ['140F', 'temperature', 60],
    ['60 °C', 'temperature', 60],
    ['-5 °C', 'temperature', -5],
    ['32 deg F', 'temperature', 0],
    ['32 degrees Fahrenheit', 'temperature', 0],
    ['12 gpm', 'flow', 7.570823568e-4],
    ['0.6 L/s', 'flow', 6e-4],
    ['3 l/min', 'flow', 5e-5],
    ['3 litres per minute', 'flow', 5e-5],
    ['2 l/sec', 'flow', 2e-3],
    ['60 gallons/min', 'flow', 3.785411784e-3],
    ['2 m³/h', 'flow', 5.5555556e-4],
    ['62 ft', 'length', 18.8976],
    ['30"', 'length', 0.762],
    ['1 1/2 m', 'length', 1.5],
  ] as const)('reads %s as a %s', (typed, quantity, si) => {
    expect(parseQuantity(typed, quantity)).toBeCloseTo(si, 5);
  });

  it.each([
    ['75', 'pressure', 'which unit'],
    ['-4 bar', 'pressure', '4 bar?'],
    ['35 parsec', 'pressure', 'psi'],
    ['12 gpm', 'pressure', 'measures flow'],
    ['hot', 'temperature', 'number'],
    ['', 'flow', '12 gpm'],
    ['1,200 psi', 'pressure', 'two ways'],
    ['-300 °C', 'temperature', 'absolute zero'],
    ['1/0 psi', 'pressure', 'unit'],
  ] as const)('refuses %s for a %s, saying what would be right', (typed, quantity, words) => {
    expect(() => parseQuantity(typed, quantity, 'duty.field')).toThrow(InvalidInput);
    expect(() => parseQuantity(typed, quantity, 'duty.field')).toThrow(words);
  });

  it('reads the number of the documented example', () => {
    expect(readNumber('1-1/2 in')).toEqual({ value: 1.5, rest: 'in' });
  });

  it.each([
    ['1,5 bar', '.', { value: 1.5, rest: 'bar' }],
    ['1,5 bar', ',', { value: 1.5, rest: 'bar' }],
    ['1.5 bar', ',', { value: 1.5, rest: 'bar' }],
    ['1,200 kPa', '.', { trouble: 'comma' }],
    ['1.200 kPa', ',', { trouble: 'comma' }],
    ['1.200 kPa', '.', { value: 1.2, rest: 'kPa' }],
    ['1,234.5 kPa', '.', { value: 1234.5, rest: 'kPa' }],
    ['1.234,5 kPa', ',', { value: 1234.5, rest: 'kPa' }],
  ] as const)('reads %s of somebody who writes decimals with %s', (text, sign, read) =>
    expect(readNumber(text, sign)).toEqual(read),
  );

  it.each([
    ['12 pies', 'length', 3.6576],
    ['20 litros por minuto', 'flow', 20 / 60_000],
    ['5 segundos', 'time', 5],
  ] as const)('reads Spanish units: %s', (text, quantity, value) =>
    expect(parseQuantity(text, quantity)).toBeCloseTo(value, 9),
  );
});

describe('what people read', () => {
  it.each([
    [517106.797, 'pressure', 'us', '75 psi'],
    [517106.797, 'pressure', 'metric', '5.17 bar'],
    [1743.62, 'pressure', 'us', '7 in w.c.'],
    [1743.62, 'pressure', 'metric', '17.4 mbar'],
    [0, 'pressure', 'us', '0 psi'],
    [22063223, 'pressure', 'us', '3200 psi'],
    [60, 'temperature', 'us', '140 °F'],
    [-5, 'temperature', 'metric', '-5 °C'],
    [5e-4, 'flow', 'us', '7.93 gpm'],
    [2e-5, 'flow', 'metric', '1.2 L/min'],
    [0.0199, 'length', 'us', '0.783 in'],
    [18.8976, 'length', 'us', '62 ft'],
  ] as const)('shows %d of %s in %s as %s', (value, quantity, system, text) => {
    expect(formatQuantity(value, quantity, system)).toBe(text);
  });

  it('keeps to the unit of a column when told', () => {
    expect(inUnits(1743.62, 'pressure', 'us', 'psi')).toEqual({ figure: 0.253, symbol: 'psi' });
  });

  it('shows what it can read back, within its rounding', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...QUANTITIES),
        fc.constantFrom('us', 'metric'),
        fc.double({ min: 1e-5, max: 1e7, noNaN: true }),
        (quantity, system, value) => {
          const again = parseQuantity(formatQuantity(value, quantity, system), quantity);
          const room = quantity === 'temperature' ? 0.3 + value * 0.005 : value * 0.0051;
          expect(Math.abs(again - value)).toBeLessThanOrEqual(room);
        },
      ),
    );
  });

  it('spells every unit so that it can be typed', () => {
    for (const quantity of QUANTITIES) {
      for (const unit of UNITS[quantity]) {
        expect(parseQuantity(`300 ${unit.symbol}`, quantity)).toBeCloseTo(
          300 * unit.factor + (unit.offset ?? 0),
          6,
        );
      }
    }
  });
});

describe('nominal sizes', () => {
  it.each([
    ['3/4', 20],
    ['¾"', 20],
    ['¾ in', 20],
    ['1-1/2 in', 40],
    ['1 1/2"', 40],
    ['1½', 40],
    ['0.75 in', 20],
    ['DN20', 20],
    ['dn 100', 100],
    ['40 mm', 40],
    ['6 in', 150],
    ['8"', 200],
    ["1/2''", 15],
    ['2', 50],
  ])('reads %s as DN%d', (typed, dn) => {
    expect(parseNominalSize(typed)).toBe(dn);
  });

  it.each([
    ['', 'No size'],
    ['50', 'DN50'],
    ['5/8 OD', 'outside'],
    ['3 parsec', 'not a known unit'],
    ['DN21', 'not a size'],
    ['7/9', 'not a size'],
    ['standard', 'not a pipe size'],
    ['-2 in', 'not a size'],
  ])('refuses %s', (typed, words) => {
    expect(() => parseNominalSize(typed)).toThrow(words);
  });

  it('says every size so that it can be read back, in both systems', () => {
    for (const { dn } of NOMINAL_SIZES) {
      expect(parseNominalSize(formatNominalSize(dn, 'us'))).toBe(dn);
      expect(parseNominalSize(formatNominalSize(dn, 'metric'))).toBe(dn);
    }
    expect(formatNominalSize(40, 'us')).toBe('1½ in');
  });
});
