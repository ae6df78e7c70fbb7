import { parseNominalSize } from '../../ground/units/index.js';
import type { ValveType } from '../../ground/valves/index.js';
import {
  ORDER_ACTION_WORDS,
  ORDER_APPROVAL_WORDS,
  ORDER_BODY_WORDS,
  ORDER_BONNET_WORDS,
  ORDER_FAMILY_WORDS,
  ORDER_FORM_WORDS,
  ORDER_OPERATOR_WORDS,
  ORDER_ORIENTATION_WORDS,
  ORDER_PORT_WORDS,
  ORDER_SEAT_WORDS,
  ORDER_STEM_WORDS,
  ORDER_TYPE_WORDS,
} from './order-words.js';
import type { Said } from './scan-markings.js';
import type { ValveSpec } from './valve-spec.js';

/** Words of an order line and what they say. */
export interface OrderMarking extends Said {
  /** Goes before an end that begins alike. */
  isPhrase?: true;
}

const END_OF_WORD = String.raw`(?![\p{L}\p{N}])`;
const PSI_PA = 6894.757293168361;
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);
const phrase = (text: string, says: OrderMarking['says']): OrderMarking => ({
  pattern: new RegExp(`(?:${text})${END_OF_WORD}`, 'iuy'),
  ...(says && { says }),
  isPhrase: true,
});
/** A table of words, each saying its key of a field; the longest first. */
const table = <K extends string>(
  words: Readonly<Record<K, string>>,
  says: (key: K) => ValveSpec,
  more = '',
): OrderMarking[] =>
  (Object.keys(words) as K[])
    .sort((a, b) => words[b].length - words[a].length)
    .map((key) => phrase(`${escaped(words[key])}${more}`, () => says(key)));
const PRESSURE = String.raw`(\d+(?:\.\d+)?(?:e[-+]?\d+)?) ?(psi|pa|bar|kpa)`;
const TO_PA: Readonly<Record<string, number>> = { psi: PSI_PA, pa: 1, bar: 1e5, kpa: 1e3 };
const pascal = (figure = '', unit = ''): number => Number(figure) * (TO_PA[unit.toLowerCase()] ?? 1);
const type = (words: string, id: ValveType): OrderMarking => phrase(words, () => ({ type: id }));
const PIECES: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3 };

/** What an order line may say beyond what stands on tags, our own phrases first. Source: the counter's words and shorthand. */
export const ORDER_MARKINGS: readonly OrderMarking[] = [
  ...table(ORDER_FAMILY_WORDS, (family) => ({ family })),
  phrase('kind: ([^;]*);?', ([, kind = '']) => ({ kind })),
  phrase('orientation: ([^;]*);?', ([, orientation = '']) => ({ orientation })),
  phrase('standard “([^”]*)”?', ([, standard = '']) => ({ standard })),
  phrase(`set (?:at )?${PRESSURE}`, ([, figure, unit]) => ({ setPressurePa: pascal(figure, unit) })),
  phrase(`(?:range )?${PRESSURE} to ${PRESSURE}`, ([, low, lowUnit, high, highUnit]) => ({
    rangePa: [pascal(low, lowUnit), pascal(high, highUnit)],
  })),
  phrase(String.raw`range (\d+(?:\.\d+)?) ?(?:to|-|–) ?${PRESSURE}`, ([, low, high, unit]) => ({
    rangePa: [pascal(low, unit), pascal(high, unit)],
  })),
  phrase(String.raw`(\d+(?:\.\d+)?(?:e[-+]?\d+)?) ?m extension`, ([, metres]) => ({
    extensionM: Number(metres),
  })),
  phrase('with box|valve box', () => ({ box: true })),
  phrase('without box', () => ({ box: false })),
  phrase('with spring', () => ({ spring: true })),
  phrase('without spring', () => ({ spring: false })),
  phrase('with strainer|strainer', () => ({ strainer: true })),
  phrase('without strainer', () => ({ strainer: false })),
  phrase('no approvals', () => ({ approvals: [] })),
  phrase('not lead[ -]?free', () => ({ leadFree: false })),
  phrase('lead[ -]?free', () => ({ leadFree: true })),
  phrase('epoxy(?:[ -]coated)?', () => ({ coating: 'epoxy' })),
  phrase('uncoated', () => ({ coating: 'none' })),
  phrase('stainless stem', () => ({})),
  ...table(ORDER_SEAT_WORDS, (seat) => ({ seat }), ' seats?'),
  ...table(ORDER_SEAT_WORDS, (disc) => ({ disc }), ' disc'),
  phrase('(one|two|three|\\d+)[ -]piece', ([, pieces = '']) => ({
    pieces: PIECES[pieces.toLowerCase()] ?? Number(pieces),
  })),
  phrase('trim (?:no\\.? )?(\\d+)', ([, trim]) => ({ trim: Number(trim) })),
  phrase('class (\\d+)(?! flange(?![a-z]))', ([, value]) => ({
    rating: { kind: 'class', value: Number(value) },
  })),
  phrase('(\\d+(?:\\.\\d+)?) (cwp|wsp|psi)', ([, value, kind = '']) => ({
    rating: { kind: kind.toLowerCase() as 'cwp' | 'wsp' | 'psi', value: Number(value) },
  })),
  phrase('(awwa c\\d{3}|api \\w{3}|mss sp-\\d+|asse \\d{4})', ([, standard = '']) => ({
    standard: standard.toUpperCase(),
  })),
  ...table(ORDER_OPERATOR_WORDS, (operator) => ({ operator })),
  phrase('op(?:erating)?\\.? nut', () => ({ operator: 'operating-nut' })),
  phrase('gear(?:ed)?|worm gear', () => ({ operator: 'gear' })),
  phrase('(?:hand)?wheel', () => ({ operator: 'handwheel' })),
  phrase('tee(?: key)?', () => ({ operator: 'tee' })),
  ...table(ORDER_FORM_WORDS, (form) => ({ form })),
  phrase('dual[ -](?:outlet|angle)(?: stop)?', () => ({ form: 'dual-angle' })),
  phrase('(?:recessed )?box', () => ({ form: 'box' })),
  phrase('str(?:aight)?\\.? stop', () => ({ form: 'straight' })),
  phrase('ang(?:le)?\\.? stop', () => ({ form: 'angle' })),
  ...table(ORDER_TYPE_WORDS, (id) => ({ type: id })),
  ...table(ORDER_ACTION_WORDS, (action) => ({ action })),
  phrase('qt|1/4[ -]turn|quarter-turn', () => ({ action: 'quarter-turn' })),
  phrase('mt|multi turn|multiturn', () => ({ action: 'multi-turn' })),
  phrase('stops?', () => ({ family: 'stop' })),
  // Of gates a metal wedge is said apart only where the standard means a rubber one.
  type('metal[ -]wedge gate valve', 'gate-solid'),
  type('rwgv|resilient[ -](?:wedge|seat(?:ed)?)(?: gate)?', 'gate-resilient'),
  type('swing(?: check| chk)?', 'check-swing'),
  type('(?:inline )?spring (?:check|chk)', 'check-spring-inline'),
  type('ball (?:check|chk)', 'check-ball'),
  type('eccentric plug|ecc\\.? plug', 'plug-eccentric'),
  type('prv|pressure reduc(?:er|ing)(?: valve)?', 'pressure-reducing'),
  type('knife gate', 'knife-gate'),
  type('needle', 'needle'),
  phrase('(?:check|chk)(?: valve)?', () => ({ family: 'check' })),
  ...table(ORDER_STEM_WORDS, (stem) => ({ stem })),
  ...table(ORDER_BONNET_WORDS, (bonnet) => ({ bonnet })),
  ...table(ORDER_PORT_WORDS, (port) => ({ port })),
  ...table(ORDER_BODY_WORDS, (body) => ({ body })),
  ...table(ORDER_ORIENTATION_WORDS, (orientation) => ({ orientation })),
  ...table(ORDER_APPROVAL_WORDS, (approval) => ({ approvals: [approval] })),
  {
    pattern: new RegExp(`dn ?\\d{1,4}${END_OF_WORD}|\\d{1,4} ?mm${END_OF_WORD}`, 'iuy'),
    says: ([said = '']) => ({ dn: parseNominalSize(said) }),
  },
  {
    pattern:
      /(\d{1,2}(?:[ -]\d{1,2}\/\d{1,2})?|\d{1,2}\/\d{1,2}|\d{0,2}[¼½¾⅛⅜⅝⅞]|\d+\.\d+) ?(?:"|”|″|in\b\.?|inch(?:es)?)/iuy,
    says: ([, said = '']) => ({ dn: parseNominalSize(said) }),
  },
  // Words that only hold the others together.
  { pattern: new RegExp(`(?:seats?|body|ends?|with|and)${END_OF_WORD}`, 'iuy') },
];
