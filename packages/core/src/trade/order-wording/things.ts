import type { ValveType } from '../../ground/valves/index.js';
import type { ValveSpec } from './valve-spec.js';

/** A thing that a counter knows by its everyday name: what the name settles, and which types it may be where that is open. */
export interface Thing {
  /** As a regular expression. */
  words: string;
  says: ValveSpec;
  may?: readonly ValveType[];
}

const GAS_COCKS: readonly ValveType[] = ['ball', 'butterfly-gas-cock', 'plug-taper'];
const DRAINS: readonly ValveType[] = ['compression-stop', 'ball'];

/** Longest first. Source: the counter's everyday names. */
export const THINGS: readonly Thing[] = [
  {
    words: '(?:washing[ -]machine|washer|laundry) box(?:es)?',
    says: { family: 'stop', form: 'box' },
  },
  { words: 'ice[ -]?maker box(?:es)?', says: { family: 'stop', form: 'box' } },
  {
    words: 'thumb[ -]cocks?',
    says: { family: 'stop', type: 'quarter-turn-stop', action: 'quarter-turn', form: 'straight', dn: 15 },
  },
  {
    words: 'gas (?:cocks?|shut[ -]?offs?(?: valves?)?)',
    says: { family: 'bronze', approvals: ['gas'] },
    may: GAS_COCKS,
  },
  { words: 'stop[ -]?cocks?', says: { family: 'bronze' }, may: ['compression-stop', 'ball'] },
  {
    words: 't ?& ?p(?: relief)?(?: valves?)?|temp(?:erature)?(?: and |[ /&]+)pressure relief',
    says: { type: 'relief' },
  },
  { words: 'relief valves?|pressure relief', says: { type: 'relief' } },
  { words: 'hose bib{1,2}s?|sill[ -]?cocks?', says: { family: 'bronze' }, may: DRAINS },
  { words: 'curb[ -]stops?', says: { family: 'waterworks' }, may: ['ball', 'plug-taper'] },
  { words: 'boiler drains?', says: { family: 'bronze' }, may: DRAINS },
  { words: 'isolat(?:ing|ion) valves?', says: { family: 'bronze' }, may: ['ball', 'gate-solid', 'globe'] },
  { words: 'range(?: cock)?|for the range', says: {} },
];

/** The types that a thing of a text may be; undefined where it names none of them. */
export function typesOfThing(text: string): readonly ValveType[] | undefined {
  return THINGS.find(({ words, may }) => may && new RegExp(`(?:${words})(?![\\p{L}\\p{N}])`, 'iu').test(text))
    ?.may;
}

/** Things that are made in one small size, so that a number before them counts them. */
const SMALL = /\b(?:box(?:es)?|thumb[ -]cocks?|hose bib{1,2}s?|boiler drains?|sill[ -]?cocks?)\b/iu;

export const namesSmallThing = (text: string): boolean => SMALL.test(text);
