import type { End, ValveType } from '../../ground/valves/index.js';
import { parseNominalSize } from '../../ground/units/index.js';
import type { Said } from './scan-markings.js';
import type { SpecEnd, ValveSpec } from './valve-spec.js';

/** Something cast, stamped or printed on a valve: what it looks like, what it means, what is then known. */
export interface Marking extends Said {
  meaning: string | ((found: readonly string[]) => string);
}

const CLASSES = '125|150|250|300|600|800|900|1500|2500|4500';
const FRACTION = String.raw`(?:\d{1,2}[ -])?[1-7]\/(?:2|4|8)|\d{0,2}[¼½¾⅛⅜⅝⅞]`;
const WHOLE_SIZES = '1|2|3|4|5|6|8|10|12|14|16|18|20|24|30|36|42|48';

const METRIC_SIZES = '8|10|15|20|25|32|40|50|65|80|100';
const METRIC = String.raw`(?<!\p{L})(?:cr(?!\p{L})|pn ?\d)`;

const both = (style: End): SpecEnd[] => [
  { side: 'in', style },
  { side: 'out', style },
];
const size = (text: string): ValveSpec => ({ dn: parseNominalSize(text) });
const word = (text: string): RegExp => new RegExp(`(?:${text})(?![\\p{L}\\p{N}])`, 'iuy');
const number = (text: string | undefined): number => Number(text);
/** A word that says one thing. */
const says = (text: string, meaning: string, known: ValveSpec = {}): Marking => ({
  pattern: word(text),
  meaning,
  says: () => known,
});
const rated = (kind: 'cwp' | 'wsp', letters: string, meaning: string): Marking => ({
  pattern: word(`(\\d{2,4})[ -]?(?:${letters})|(?:${letters})[ -]?(\\d{2,4})`),
  meaning: ([, before, after]) => `${before ?? after} psi ${meaning}`,
  says: ([, before, after]) => ({ rating: { kind, value: number(before ?? after) } }),
});
const type = (text: string, meaning: string, id: ValveType): Marking => says(text, meaning, { type: id });

/**
 * In the order they are tried: what is longer or more certain comes first. A bare number is a class where it is one, else a size.
 * Sources: MSS SP-25 (marking of valves), ASTM material designations, the fluid letters of the trade.
 */
export const TAG_MARKINGS: readonly Marking[] = [
  rated('cwp', 'wog|cwp|wwp', 'cold water, oil or gas'),
  rated('wsp', 'wsp|swp|steam', 'working steam'),
  {
    pattern: word(`(?:class|cl\\.?)[ -]?(${CLASSES})|(${CLASSES})[ ]?(?:#|lbs?\\.?)`),
    meaning: ([, after, before]) => `pressure class ${after ?? before}`,
    says: ([, after, before]) => ({ rating: { kind: 'class', value: number(after ?? before) } }),
  },
  // The # is no letter, so that the word may end before it.
  {
    pattern: new RegExp(`(${CLASSES})[ ]?#`, 'iuy'),
    meaning: ([, of]) => `pressure class ${of}`,
    says: ([, of]) => ({ rating: { kind: 'class', value: number(of) } }),
  },
  {
    pattern: word('(\\d{1,4})[ ]?psig?|psig?[ ]?(\\d{1,4})'),
    meaning: ([, before, after]) => `${before ?? after} psi`,
    says: ([, before, after]) => ({ rating: { kind: 'psi', value: number(before ?? after) } }),
  },
  {
    pattern: word('pn ?(6|10|16|25|40)(?! ?flange)'),
    meaning: ([, of]) => `nominal pressure ${of} bar`,
    says: ([, of]) => ({ rating: { kind: 'pn', value: number(of) } }),
  },
  {
    pattern: word('trim ?(?:no\\.? ?)?(1|5|8|10|12)'),
    meaning: ([, of]) => `trim ${of} of API 600`,
    says: ([, of]) => ({ trim: number(of) }),
  },
  {
    pattern: word('(?:heat|ht)[ .:#]*([a-z0-9-]{2,10})'),
    meaning: ([, of]) => `heat code ${of}: the melt it was cast from`,
  },
  {
    pattern: word('nsf(?:/ansi)?[ -]*(?:61[ /&-]*(?:372|g)|372[ /&-]*61)'),
    meaning: 'for drinking water, lead-free (NSF/ANSI 61 and 372)',
    says: () => ({ approvals: ['potable'], leadFree: true }),
  },
  {
    pattern: word('nsf(?:/ansi)?[ -]*61'),
    meaning: 'for drinking water (NSF/ANSI 61)',
    says: () => ({ approvals: ['potable'] }),
  },
  {
    pattern: word('nsf(?:/ansi)?[ -]*372'),
    meaning: 'lead-free (NSF/ANSI 372)',
    says: () => ({ leadFree: true }),
  },
  says('(?:ansi )?z21\\.15(?:/csa 9\\.1)?|(?:csa|cga) ?9\\.1|(?:asme )?b16\\.(?:33|44)', 'for fuel gas', {
    approvals: ['gas'],
  }),
  says('fm(?: approved)?|ul[ /&-]*fm', 'listed for fire protection', { approvals: ['fire'] }),
  says('ul(?: listed)?', 'listed by a laboratory: check the listing for its scope'),
  {
    pattern: word('(?:awwa[ -]?)?c ?(504|507|508|509|515|517)'),
    meaning: ([, of]) => `built to AWWA C${of}`,
    says: ([, of]) => ({ standard: `AWWA C${of}` }),
  },
  {
    pattern: word('api ?(6d|594|600|602|608|609)'),
    meaning: ([, of = '']) => `built to API ${of.toUpperCase()}`,
    says: ([, of = '']) => ({ standard: `API ${of.toUpperCase()}` }),
  },
  {
    pattern: word('(?:mss[ -]?)?sp-? ?(71|80|85|110)'),
    meaning: ([, of]) => `built to MSS SP-${of}`,
    says: ([, of]) => ({ standard: `MSS SP-${of}` }),
  },
  says('asse ?1003', 'a pressure reducer, ASSE 1003', { standard: 'ASSE 1003', type: 'pressure-reducing' }),

  says('(?:a216 ?)?(?:gr\\.? ?)?wcb', 'cast carbon steel, ASTM A216 WCB', { body: 'A216 WCB' }),
  says('(?:a105)n?', 'forged carbon steel, ASTM A105', { body: 'A105' }),
  says('(?:a351 ?)?cf8m', 'cast stainless 316, CF8M', { body: 'CF8M' }),
  says('(?:a351 ?)?cf3m', 'cast stainless 316L, CF3M', { body: 'CF3M' }),
  says('(?:a351 ?)?cf8', 'cast stainless 304, CF8', { body: 'CF8' }),
  says('(?:a351 ?)?cf3', 'cast stainless 304L, CF3', { body: 'CF3' }),
  says('(?:a182 ?)?f316', 'forged stainless 316', { body: 'F316' }),
  says('(?:a182 ?)?f304', 'forged stainless 304', { body: 'F304' }),
  says('304|316|ss|stainless(?: steel)?', 'stainless steel', { body: 'stainless' }),
  says('brz|bronze|b-?6[12]|c83600', 'bronze', { body: 'bronze' }),
  says('dzr|cr', 'brass that resists dezincification', { body: 'dzr-brass' }),
  says('brass', 'brass', { body: 'brass' }),
  says('di|ductile(?: iron)?|a536', 'ductile iron', { body: 'ductile-iron' }),
  says('ci|cast iron|gr[ea]y iron|a126', 'grey cast iron', { body: 'grey-iron' }),
  says('cpvc', 'CPVC', { body: 'cpvc' }),
  says('pvc', 'PVC', { body: 'pvc' }),
  says('lf|nl|no[ -]?lead|lead[ -]?free', 'lead-free, for drinking water', { leadFree: true }),

  says('r-?ptfe|rtfe', 'reinforced PTFE seats', { seat: 'reinforced-ptfe' }),
  says('ptfe|tfe', 'PTFE seats', { seat: 'ptfe' }),
  says('epdm', 'EPDM rubber', { seat: 'epdm' }),
  says('nbr|buna(?:-n)?', 'NBR rubber', { seat: 'nbr' }),
  says('fkm', 'FKM rubber', { seat: 'fkm' }),
  says('os ?& ?y|osy', 'outside screw and yoke: the stem rises and shows its position', { stem: 'os-y' }),
  says('nrs', 'non-rising stem: its position does not show', { stem: 'nrs' }),
  says('rs|rising stem', 'rising stem', { stem: 'rising' }),
  says('bb', 'bolted bonnet', { bonnet: 'bolted' }),
  says('wb', 'welded bonnet', { bonnet: 'welded' }),
  says('psb', 'pressure-seal bonnet', { bonnet: 'pressure-seal' }),
  says('ub', 'union bonnet', { bonnet: 'union' }),
  says('fp|full[ -]?(?:port|bore)', 'full port', { port: 'full' }),
  says('rp|reduced[ -]?(?:port|bore)', 'reduced port', { port: 'reduced' }),
  says('rf', 'raised-face flanges', { facing: 'rf' }),
  says('ff', 'flat-face flanges', { facing: 'ff' }),
  says('rtj', 'ring-joint flanges', { facing: 'rtj' }),
  says('mj(?: ?x ?mj)?', 'mechanical joints', { ends: both('mechanical-joint') }),
  says('f?npt|thd|thrd|fip(?: ?x ?fip)?', 'female pipe threads', { ends: both('fip') }),
  says('swt|c ?x ?c', 'solder cups', { ends: both('sweat') }),
  says('sw', 'socket-weld ends', { ends: both('socket-weld') }),
  says('bw', 'butt-weld ends', { ends: both('butt-weld') }),
  says('press', 'press ends', { ends: both('press') }),
  says('open(?:s)? left|ol', 'opens to the left', { opening: 'left' }),
  says('open(?:s)? right', 'opens to the right', { opening: 'right' }),
  says('epoxy', 'epoxy-coated', { coating: 'epoxy' }),

  type('rwgv|resilient[ -](?:wedge|seat(?:ed)?)(?: gate)?', 'resilient-wedge gate', 'gate-resilient'),
  type('gate', 'gate', 'gate-solid'),
  type('ball', 'ball', 'ball'),
  type('globe', 'globe', 'globe'),
  type('butterfly|bfv', 'butterfly', 'butterfly-resilient'),
  type('swing(?: check| chk)?', 'swing check', 'check-swing'),
  says('valve', 'valve'),
  { pattern: /(?:[→⇒➔]|-+>|arrow)/iuy, meaning: 'flow arrow: it works one way only' },

  // A casting marked CR or PN is metric: its bare number is a DN.
  {
    pattern: new RegExp(
      String.raw`(${METRIC_SIZES})(?![\p{L}\p{N}/"”.-])(?! in)(?:(?<=${METRIC}.*)|(?=.*${METRIC}))`,
      'iuy',
    ),
    meaning: ([, of]) => `DN${of}`,
    says: ([, of]) => size(`DN${of}`),
  },
  {
    pattern: new RegExp(`(?:${FRACTION})(?: ?(?:"|”|in\\.?|inch))?(?![\\p{L}\\p{N}])`, 'iuy'),
    meaning: ([of = '']) => `size ${of}`,
    says: ([of = '']) => size(of),
  },
  {
    pattern: word('dn ?(\\d{1,4})'),
    meaning: ([of = '']) => of.toUpperCase(),
    says: ([of = '']) => size(of),
  },
  {
    pattern: new RegExp(`(${WHOLE_SIZES}) ?(?:"|”|in\\.?|inch)(?![\\p{L}\\p{N}])`, 'iuy'),
    meaning: ([, of]) => `size ${of} in`,
    says: ([, of = '']) => size(of),
  },
  {
    pattern: word(`(${CLASSES})`),
    meaning: ([, of]) => `pressure class ${of}`,
    says: ([, of]) => ({ rating: { kind: 'class', value: number(of) } }),
  },
  {
    pattern: word(`(${WHOLE_SIZES})`),
    meaning: ([, of]) => `size ${of} in`,
    says: ([, of = '']) => size(of),
  },
];
