import { BTU_J, LB_KG, PSI_PA, parseNominalSize } from '../../ground/units/index.js';
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
import { THINGS } from './things.js';
import type { ValveSpec } from './valve-spec.js';

/** Words of an order line and what they say. */
export interface OrderMarking extends Said {
  /** Goes before an end that begins alike. */
  isPhrase?: true;
}

const END_OF_WORD = String.raw`(?![\p{L}\p{N}])`;
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
/** A metal of a part that is not the body. */
const METALS = '(?:304|316l?|cf8m?|ss|stainless(?: steel)?|bronze|brass|nickel|monel|13 ?cr|ni-?resist)';
const BTU_H_W = BTU_J / 3600;
const PIECES: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3 };

/** What an order line may say beyond what stands on tags, our own phrases first. Source: the counter's words and shorthand. */
export const ORDER_MARKINGS: readonly OrderMarking[] = [
  ...table(ORDER_FAMILY_WORDS, (family) => ({ family })),
  phrase('kind: ([^;]*);?', ([, kind = '']) => ({ kind })),
  phrase('orientation: ([^;]*);?', ([, orientation = '']) => ({ orientation })),
  phrase('standard “([^”]*)”?', ([, standard = '']) => ({ standard })),
  phrase(`set (?:at )?${PRESSURE}`, ([, figure, unit]) => ({ setPressurePa: pascal(figure, unit) })),
  phrase('set (?:at )?(\\d{2,3})(?! ?(?:psi|pa|bar|kpa|-|to))', ([, figure]) => ({
    setPressurePa: pascal(figure, 'psi'),
  })),
  phrase('range (\\d{1,3}) ?(?:to|-|–) ?(\\d{1,3})(?! ?(?:psi|pa|bar|kpa))', ([, low, high]) => ({
    rangePa: [pascal(low, 'psi'), pascal(high, 'psi')],
  })),
  phrase(`(?:range )?${PRESSURE} to ${PRESSURE}`, ([, low, lowUnit, high, highUnit]) => ({
    rangePa: [pascal(low, lowUnit), pascal(high, highUnit)],
  })),
  phrase(String.raw`range (\d+(?:\.\d+)?) ?(?:to|-|–) ?${PRESSURE}`, ([, low, high, unit]) => ({
    rangePa: [pascal(low, unit), pascal(high, unit)],
  })),
  phrase(String.raw`(\d+(?:\.\d+)?(?:e[-+]?\d+)?) ?m extension`, ([, metres]) => ({
    extensionM: Number(metres),
  })),
  phrase('(?:with|w/) ?box|valve box', () => ({ box: true })),
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
  phrase(`${METALS} stems?`, () => ({})),
  phrase(`${METALS} (?:bolts?|bolting|nuts|screws|hardware)`, () => ({})),
  phrase(`${METALS} (?:disc|disk)`, () => ({ disc: 'metal' })),
  phrase(`${METALS} seats?`, () => ({ seat: 'metal' })),
  phrase('(?:monel|nickel[ -]copper) trim', () => ({ trim: 9 })),
  phrase('trim 9 nickel-copper', () => ({ trim: 9 })),
  phrase('t(?:rim)? ?(\\d{1,2})', ([, trim]) => ({ trim: Number(trim) })),
  phrase('bare stem', () => ({})),
  phrase('for (?:irrigation |potable |hot |cold )?(?:pvc|cpvc|copper|pex|steel)(?: pipe| line)?', () => ({})),
  phrase('(?:pvc|cpvc|copper|pex|steel|galvani[sz]ed) (?:pipe|line|tube|tubing)', () => ({})),
  phrase('copper(?= (?:sweat|swt|press|comp))', () => ({})),
  phrase('seal[ -]welded', () => ({ sealWeld: true })),
  phrase('not seal welded', () => ({ sealWeld: false })),
  phrase('raised[ -]face', () => ({ facing: 'rf' })),
  phrase('flat[ -]face', () => ({ facing: 'ff' })),
  phrase('ring[ -](?:type )?joint', () => ({ facing: 'rtj' })),
  phrase('pressure[ -]seal(?: bonnet)?', () => ({ bonnet: 'pressure-seal' })),
  phrase('std\\.? port|standard port', () => ({ port: 'standard' })),
  phrase('class 150b', () => ({ rating: { kind: 'psi', value: 150 } })),
  phrase('true[ -]union', () => ({ pieces: 3 })),
  phrase('lock(?:ing|able)?[ -](?:handle|lever)', () => ({ operator: 'locking-lever' })),
  phrase('with drain', () => ({ accessories: ['drain'] })),
  phrase('panel[ -]mount', () => ({ accessories: ['panel-mount'] })),
  phrase('wall[ -]mount', () => ({ accessories: ['wall-mount'] })),
  phrase('long[ -]handle', () => ({ accessories: ['long-handle'] })),
  phrase('safety[ -]handle', () => ({ accessories: ['safety-handle'] })),
  phrase('(?:stem|handle) extension', () => ({ accessories: ['extension'] })),
  phrase('normally open', () => ({ normally: 'open' })),
  phrase('normally closed', () => ({ normally: 'closed' })),
  phrase('(\\d{1,3}) ?v(?:ac|dc|olts?)?', ([, volts]) => ({ voltageV: Number(volts) })),
  phrase('capacity (\\d+(?:\\.\\d+)?) kg/h', ([, figure]) => ({ capacityKgH: Number(figure) })),
  phrase('(?:capacity )?(\\d+(?:\\.\\d+)?) w', ([, figure]) => ({ capacityW: Number(figure) })),
  phrase('([\\d,]+(?:\\.\\d+)?) ?(?:btu/h|btuh|btu/hr)', ([, figure = '']) => ({
    capacityW: Number(figure.replaceAll(',', '')) * BTU_H_W,
  })),
  phrase('([\\d,]+) ?(?:lb/h|lbs/hr|lb/hr|pph)', ([, figure = '']) => ({
    capacityKgH: Number(figure.replaceAll(',', '')) * LB_KG,
  })),
  phrase(`at least ${PRESSURE} across it`, ([, figure, unit]) => ({
    leastDifferentialPa: pascal(figure, unit),
  })),
  phrase(
    '(?:up to|max\\.?) (-?\\d+(?:\\.\\d+)?(?:e[-+]?\\d+)?) ?(?:°|deg)? ?([cf])',
    ([, figure, unit = '']) => ({
      maxTemperatureC: unit.toLowerCase() === 'f' ? (Number(figure) - 32) / 1.8 : Number(figure),
    }),
  ),
  phrase('(\\d{2,3}) ?(?:°|deg)? ?f max', ([, figure]) => ({ maxTemperatureC: (Number(figure) - 32) / 1.8 })),
  phrase('pn ?(\\d{1,4})(?! ?flange)', ([, value]) => ({ rating: { kind: 'pn', value: Number(value) } })),
  ...THINGS.map(({ words, says }) => phrase(words, () => says)),
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
  ...table(ORDER_FORM_WORDS, (form) => ({ form }), 's?'),
  phrase('(?:dual|double)[ -](?:outlet|angle)(?: stops?)?', () => ({ form: 'dual-angle' })),
  phrase('(?:recessed )?box', () => ({ form: 'box' })),
  phrase('str(?:aight)?\\.? stops?', () => ({ form: 'straight' })),
  phrase('ang(?:le)?\\.? stops?', () => ({ form: 'angle' })),
  ...table(ORDER_TYPE_WORDS, (id) => ({ type: id })),
  ...table(ORDER_ACTION_WORDS, (action) => ({ action })),
  phrase('qt|1/4[ -]turn|quarter-turn', () => ({ action: 'quarter-turn' })),
  phrase('mt|multi turn|multiturn', () => ({ action: 'multi-turn' })),
  phrase('stops?', () => ({ family: 'stop' })),
  // Of gates a metal wedge is said apart only where the standard means a rubber one.
  type('metal[ -]wedge gate valve', 'gate-solid'),
  type('rwgv|rw gate|resilient[ -](?:wedge|seat(?:ed)?)(?: gate)?', 'gate-resilient'),
  type(
    'swing check,? (?:with )?spring(?:[ -]assisted)?|spring[ -]assisted(?: swing)?(?: check| chk)?',
    'check-swing-spring',
  ),
  type('swing(?: check| chk)?', 'check-swing'),
  type('(?:inline )?spring (?:check|chk)', 'check-spring-inline'),
  type('ball (?:check|chk)', 'check-ball'),
  type('eccentric plug|ecc\\.? plug', 'plug-eccentric'),
  type('prv|pressure reduc(?:er|ing)(?: valve)?', 'pressure-reducing'),
  type('knife gate', 'knife-gate'),
  type('needle', 'needle'),
  type('solenoid', 'solenoid'),
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
  { pattern: new RegExp(`(?:seats?|body|ends?|with|and|valves?|for the|pipe)${END_OF_WORD}`, 'iuy') },
  { pattern: /w\/|[-–](?=\s)/iuy },
];
