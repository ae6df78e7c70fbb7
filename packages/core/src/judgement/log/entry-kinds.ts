import type { BenchFinding } from '../bench/index.js';
import type { Found } from '../walk/index.js';
import { type Visit, foundOnVisit } from './visit.js';

/** What an entry carries beside its text. */
export interface EntryFact {
  turns?: number | null;
  found?: Found | null;
  finding?: BenchFinding | null;
  visit?: Visit | null;
}

export interface EntryKindRow {
  /** As the log and the form say it. */
  words: string;
  /** The one fact that belongs to it; `found`, `finding` and `visit` must then be there, `turns` may be. */
  fact?: keyof EntryFact;
  /** Whether `found` may be missing all the same. */
  mayBeBare?: true;
  /** Whether it says nothing without a text. */
  needsText?: true;
  /** Whether a person chooses it from a list; the others are written by a screen of their own. */
  isChosen?: true;
  /** Whether another valve stands there from then on: what was found before it is of the old one. */
  begins?: true;
  /** Whether it says what was done about something urgent. */
  dealsWith?: true;
  /** What it says of the valve. */
  finds?: (fact: EntryFact) => Found | undefined;
}

/**
 * Every kind of entry there is: what it carries and what it does to the condition of its valve. A row here puts a kind into the database, the
 * server, the archive and the interface.
 */
const TABLE = {
  note: { words: 'Note', needsText: true, isChosen: true },
  found: { words: 'Found', fact: 'found', finds: ({ found }) => found ?? undefined },
  turned: {
    words: 'Operated',
    fact: 'turns',
    isChosen: true,
    finds: ({ turns }) => ({ turning: 'freely', ...(typeof turns === 'number' && { turns }) }),
  },
  'does-not-turn': { words: 'Does not turn', isChosen: true, finds: () => ({ turning: 'seized' }) },
  holds: { words: 'Shuts off', isChosen: true, finds: () => ({ holding: 'tight' }) },
  passes: { words: 'Leaks by when closed', isChosen: true, finds: () => ({ holding: 'passes' }) },
  leaks: { words: 'Leaks outside', isChosen: true, finds: () => ({ leaking: 'somewhere' }) },
  replaced: { words: 'Replaced', isChosen: true, begins: true, dealsWith: true, finds: () => ({}) },
  refused: { words: 'Refused by the customer', needsText: true, isChosen: true, dealsWith: true },
  'shut-tagged': { words: 'Shut and tagged', isChosen: true, dealsWith: true },
  reported: { words: 'Reported to the utility', isChosen: true, dealsWith: true },
  'flow-less': {
    words: 'Less flow than before, or none',
    fact: 'found',
    mayBeBare: true,
    needsText: true,
    isChosen: true,
    finds: ({ found }) => ({ flow: 'less', ...found }),
  },
  visit: {
    words: 'Round visit',
    fact: 'visit',
    finds: ({ visit }) => (visit ? foundOnVisit(visit) : undefined),
  },
  bench: { words: 'Bench result', fact: 'finding', needsText: true },
} as const satisfies Record<string, EntryKindRow>;

export type EntryKind = keyof typeof TABLE;
export const ENTRY_KIND_TABLE: Readonly<Record<EntryKind, EntryKindRow>> = TABLE;
export const ENTRY_KINDS = Object.keys(TABLE) as EntryKind[];

/** The kinds that change what is known of a valve's condition: the others need not be read for it. */
export const CONDITION_KINDS: readonly EntryKind[] = ENTRY_KINDS.filter((kind) => {
  const { finds, begins, dealsWith }: EntryKindRow = TABLE[kind];
  return (finds ?? begins ?? dealsWith) !== undefined;
});
