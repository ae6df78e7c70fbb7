import { InvalidInput } from '../input/index.js';
import { readNumber } from './read-number.js';
import { EXAMPLES, QUANTITIES, type Quantity, UNITS, type Unit } from './unit-table.js';

/**
 * Reads a quantity as people type it, into SI.
 *
 * @param typed    what was typed: "60 psi", "4 bar", "620 kPa", "12 gpm", "140F", "7 in w.c."
 * @param quantity pressure (gauge), temperature, flow or length
 * @param field    the name used in a refusal
 * @param decimal  the sign of decimals its writer is used to
 * @returns Pa gauge, degrees C, m3/s or m
 * @throws InvalidInput when the number or the unit cannot be read, the unit is another quantity's, or the value is below
 *         what is possible (0; for temperatures -273.15 degrees C)
 *
 * @example
 * parseQuantity('60 psi', 'pressure') // 413685.4375901017
 */
export function parseQuantity(
  typed: string,
  quantity: Quantity,
  field: string = quantity,
  decimal: '.' | ',' = '.',
): number {
  const said = typed.trim();
  if (said === '')
    throw new InvalidInput(field, `No ${quantity} is given. Enter it like ${EXAMPLES[quantity]}.`);
  const read = readNumber(said, decimal);
  if ('trouble' in read) {
    throw new InvalidInput(
      field,
      read.trouble === 'comma'
        ? `“${said}” can be read two ways. Enter it without the comma, or with a point for decimals.`
        : `“${said}” does not start with a number. Enter it like ${EXAMPLES[quantity]}.`,
    );
  }
  if (read.rest === '')
    throw new InvalidInput(field, `“${said}”: which unit? Enter it like ${EXAMPLES[quantity]}.`);
  const unit = findUnit(read.rest, quantity);
  if (!unit) throw new InvalidInput(field, unknownUnit(said, read.rest, quantity));
  const value = read.value * unit.factor + (unit.offset ?? 0);
  if (quantity === 'temperature' ? value < -273.15 : value < 0) {
    throw new InvalidInput(
      field,
      quantity === 'temperature'
        ? `“${said}” is below absolute zero. Enter it like ${EXAMPLES.temperature}.`
        : `“${said}” is below zero. A ${quantity} here is 0 or more: ${unsigned(said)}?`,
    );
  }
  return value;
}

function findUnit(rest: string, quantity: Quantity): Unit | undefined {
  const key = unitKey(rest);
  return UNITS[quantity].find((unit) => unit.typed.includes(key));
}

/** How units are spelled out, and how the table spells them. */
const SPELLINGS: readonly (readonly [RegExp, string])[] = [
  [/³/g, '3'],
  [/²/g, '2'],
  [/[“”″]/g, '"'],
  [/[’′]/g, "'"],
  [/[\s.°º^()]/g, ''],
  [/water(column|gauge)?$/, 'wc'],
  [/^(degrees?|grados?)/, 'deg'],
  [/(litre|liter|ltr|litro)s?/, 'l'],
  [/(gallon|galone?|galón)s?/, 'gal'],
  [/^pies?/, 'ft'],
  [/^pulg(adas?)?/, 'in'],
  [/^metros?/, 'm'],
  [/(per|por|\/)(minuto?|minute|min)$/, '/min'],
  [/(per|por|\/)(segundo|second|sec|seg)$/, '/s'],
  [/(per|por|\/)(hour|hora|hr)$/, '/h'],
  [/^segundos?|^seg$/, 's'],
  [/^minutos?/, 'min'],
  [/^horas?/, 'h'],
];

/** A typed unit as the table spells it. */
function unitKey(rest: string): string {
  return SPELLINGS.reduce((spelled, [found, as]) => spelled.replace(found, as), rest.toLowerCase());
}

function unknownUnit(said: string, rest: string, quantity: Quantity): string {
  const other = QUANTITIES.find((candidate) => candidate !== quantity && findUnit(rest, candidate));
  const why = other
    ? `“${rest}” measures ${other}, not ${quantity}`
    : `“${rest}” is not a known unit of ${quantity}`;
  return `“${said}”: ${why}. Enter it like ${EXAMPLES[quantity]}.`;
}

function unsigned(said: string): string {
  return said.replace(/^[-−–]\s*/, '');
}
