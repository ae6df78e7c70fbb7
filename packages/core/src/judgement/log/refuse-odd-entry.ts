import { InvalidInput } from '../../ground/input/index.js';
import { ENTRY_KIND_TABLE, type EntryFact, type EntryKind } from './entry-kinds.js';

const FACTS = ['turns', 'found', 'finding', 'visit'] as const;

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
    throw new InvalidInput('text', `text is empty: an entry of kind ${kind} needs a text.`);
  if (row.fact === 'found' && !row.mayBeBare && Object.keys(fact.found ?? {}).length === 0)
    throw new InvalidInput('found', 'found is empty: give at least one fact, like {"turning": "stiff"}.');
  if (row.fact === 'finding' && !fact.finding)
    throw new InvalidInput('finding', 'finding is missing: give at least the bench and its verdict.');
  if (row.fact === 'visit') refuseOddVisit(text, fact.visit ?? undefined);
  for (const name of FACTS)
    if (row.fact !== name && fact[name] !== undefined && fact[name] !== null)
      throw new InvalidInput(name, `${name} does not belong to an entry of kind ${kind}: leave it out.`);
}

function refuseOddVisit(text: string, visit: EntryFact['visit']): void {
  if (!visit) throw new InvalidInput('visit', 'visit is missing: say what was done, or why it was not done.');
  if (visit.done.length === 0 && visit.notDone === undefined && text.trim() === '')
    throw new InvalidInput(
      'visit.done',
      'visit.done is empty: name what was done, or give visit.notDone or a text with the reason.',
    );
}
