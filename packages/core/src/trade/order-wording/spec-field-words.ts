import { type UnitSystem, formatNominalSize, formatQuantity } from '../../ground/units/index.js';
import { inches } from './inches.js';
import { orderChoice, orderEndWords } from './order-choice.js';
import type { SpecEnd, ValveSpec } from './valve-spec.js';

const endWords = ({ style, odIn }: SpecEnd): string =>
  odIn === undefined ? orderEndWords(style) : `${inches(odIn)} in OD ${orderEndWords(style)}`;

/** Fields that need more than their own word. */
const SAID: { [F in keyof ValveSpec]?: (value: NonNullable<ValveSpec[F]>, system: UnitSystem) => string } = {
  dn: (dn, system) => formatNominalSize(dn, system),
  rating: ({ kind, value }) =>
    kind === 'class' ? `class ${value}` : `${value} ${kind === 'psi' ? 'psi' : kind.toUpperCase()}`,
  ends: (ends) => ends.map(endWords).join(' x '),
  leadFree: (isLeadFree) => (isLeadFree ? 'lead-free' : 'not lead-free'),
  approvals: (approvals) => approvals.join(', '),
  setPressurePa: (pressure, system) => formatQuantity(pressure, 'pressure', system),
  rangePa: ([low, high], system) =>
    `${formatQuantity(low, 'pressure', system)} to ${formatQuantity(high, 'pressure', system)}`,
  extensionM: (length, system) => formatQuantity(length, 'length', system),
};

/**
 * One field of a valve as it is said, in the reader's units.
 *
 * @returns an empty text where the field is not known
 *
 * @example
 * specFieldWords({ rating: { kind: 'class', value: 300 } }, 'rating') // 'class 300'
 */
export function specFieldWords(spec: ValveSpec, field: keyof ValveSpec, system: UnitSystem = 'us'): string {
  const value = spec[field];
  if (value === undefined) return '';
  const say = SAID[field] as ((of: typeof value, system: UnitSystem) => string) | undefined;
  return say ? say(value, system) : orderChoice(field, String(value));
}
