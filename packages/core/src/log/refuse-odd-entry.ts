import { InvalidInput } from '../input/index.js';
import { ENTRY_KIND_TABLE, type EntryFact, type EntryKind } from './entry-kinds.js';

const FACTS = ['turns', 'found', 'finding'] as const;

/**
 * Refuses an entry that does not carry what its kind does, or carries what another does.
 *
 * @throws InvalidInput naming the field
 *
 * @example
 * refuseOddEntry('found', '', {}) // throws: found is missing
 */
export function refuseOddEntry(kind: EntryKind, text: string, fact: EntryFact): void {
  const row = ENTRY_KIND_TABLE[kind];
  if (row.needsText && text.trim() === '')
    throw new InvalidInput('text', `text is empty: an entry of kind ${kind} says something.`);
  for (const name of FACTS) {
    const isGiven = fact[name] !== undefined && fact[name] !== null;
    if (isGiven && row.fact !== name)
      throw new InvalidInput(name, `${name} does not belong to an entry of kind ${kind}: leave it out.`);
    if (row.fact === name && name !== 'turns' && !(isGiven && Object.keys(fact[name] as object).length > 0))
      throw new InvalidInput(
        name,
        name === 'found'
          ? 'found is empty: give at least one fact, like {"turning": "stiff"}.'
          : 'finding is missing: give at least the bench and its verdict.',
      );
  }
}
