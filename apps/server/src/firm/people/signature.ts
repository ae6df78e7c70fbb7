import type { Person } from './person.model.js';

/** What carries a signature: written here by somebody of the company, or elsewhere and imported by somebody of it. */
export interface Signed {
  person: Person | null;
  signedAs: string | null;
  importer: Person | null;
  /** A device of the company signed. */
  byDevice?: boolean;
}

/** The associations that a signature is read from. */
export const SIGNERS = ['person', 'importer'];

/**
 * Who signed, as it is shown: a name that an import brought is nobody's signature here, and says so.
 *
 * @example
 * signature({ person: null, signedAs: 'Ada Wrenfield', importer: maren }) // 'Ada Wrenfield (imported by Maren Tolvik)'
 */
export function signature({ person, signedAs, importer, byDevice = false }: Signed): string {
  if (person) return person.name;
  if (signedAs === null) return '';
  if (byDevice) return `${signedAs} (device)`;
  return importer ? `${signedAs} (imported by ${importer.name})` : `${signedAs} (imported)`;
}

/** The name alone, as an archive takes it along. */
export const signedName = ({ person, signedAs }: Signed): string => person?.name ?? signedAs ?? '';

/**
 * `signature` in SQL, for queries written by hand.
 *
 * @param row the alias of what is signed, beside `people` as `p` for who signed and as `i` for who imported it
 * @param byDevice the condition that a device signed; none does unless given
 *
 * @example
 * signedBy('e', 'e.by_device')
 */
export const signedBy = (row: string, byDevice = 'false'): string =>
  `coalesce(p.name, ${row}.signed_as || CASE WHEN ${byDevice} THEN ' (device)' ELSE ' (imported' || coalesce(' by ' || i.name, '') || ')' END, '')`;
