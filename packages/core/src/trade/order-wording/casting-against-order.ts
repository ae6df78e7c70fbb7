import type { UnitSystem } from '../../ground/units/index.js';
import { readTag } from './read-tag.js';
import { specFieldWords } from './spec-field-words.js';
import type { ValveSpec } from './valve-spec.js';

export interface CastingDifference {
  field: keyof ValveSpec;
  ordered: string;
  found: string;
}

export interface CastingCheck {
  /** Said on both and not alike. */
  differences: CastingDifference[];
  /** Ordered, usually cast on, and not found: look again before it goes in. */
  unseen: (keyof ValveSpec)[];
  /** Said on both and alike. */
  agree: (keyof ValveSpec)[];
  unread: string[];
}

/** What a casting or a tag usually carries. */
const CAST: readonly (keyof ValveSpec)[] = ['dn', 'rating', 'body', 'leadFree', 'standard'];
const COMPARED: readonly (keyof ValveSpec)[] = [
  'type',
  'dn',
  'ends',
  'rating',
  'body',
  'leadFree',
  'port',
  'pieces',
  'seat',
  'disc',
  'stem',
  'operator',
  'facing',
  'trim',
  'bonnet',
  'standard',
  'coating',
  'opening',
  'approvals',
];

/**
 * What came against what was ordered, by its casting or tag.
 *
 * @param spec   the order's line
 * @param text   what is cast, stamped or printed on the valve
 * @param system the reader's units, for the size
 * @returns each field said on both that differs, with both in words
 *
 * @example
 * castingAgainstOrder({ type: 'ball', dn: 25, rating: { kind: 'cwp', value: 600 } }, '1 400 WOG').differences
 * // [{ field: 'rating', ordered: '600 CWP', found: '400 CWP' }]
 */
export function castingAgainstOrder(spec: ValveSpec, text: string, system: UnitSystem = 'us'): CastingCheck {
  const { known, unread } = readTag(text);
  const both = COMPARED.filter((field) => spec[field] !== undefined && known[field] !== undefined);
  const differing = both.filter((field) => !isAlike(field, spec, known));
  return {
    differences: differing.map((field) => ({
      field,
      ordered: specFieldWords(spec, field, system),
      found: specFieldWords(known, field, system),
    })),
    unseen: CAST.filter((field) => spec[field] !== undefined && known[field] === undefined),
    agree: both.filter((field) => !differing.includes(field)),
    unread,
  };
}

function isAlike(field: keyof ValveSpec, ordered: ValveSpec, found: ValveSpec): boolean {
  if (field === 'approvals')
    return (ordered.approvals ?? []).every((approval) => found.approvals?.includes(approval));
  if (field === 'ends') return stylesOf(ordered) === stylesOf(found);
  if (field === 'body' && ordered.body === 'carbon-steel')
    return found.body === 'carbon-steel' || found.body === 'A216 WCB' || found.body === 'A105';
  return JSON.stringify(ordered[field]) === JSON.stringify(found[field]);
}

const stylesOf = ({ ends = [] }: ValveSpec): string =>
  ends
    .map(({ style }) => style)
    .sort()
    .join();
