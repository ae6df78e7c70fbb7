import { NOMINAL_SIZES, PSI_PA } from '../../ground/units/index.js';
import { ACCESSORY_WORDS, BODY_MATERIALS, type BodyMaterial, isCheck } from '../../ground/valves/index.js';
import {
  ORDER_ACTION_WORDS,
  ORDER_APPROVAL_WORDS,
  ORDER_BODY_WORDS,
  ORDER_BONNET_WORDS,
  ORDER_END_WORDS,
  ORDER_FAMILY_WORDS,
  ORDER_FORM_WORDS,
  ORDER_OPERATOR_WORDS,
  ORDER_ORIENTATION_WORDS,
  ORDER_PORT_WORDS,
  ORDER_SEAT_WORDS,
  ORDER_STEM_WORDS,
  ORDER_TYPE_WORDS,
  STEEL_END_WORDS,
} from './order-words.js';
import { inches } from './inches.js';
import { openFields } from './required-fields.js';
import { isRubberWedgeStandard } from './resilient-wedge-standard.js';
import { type Conflict, specConflicts } from './spec-conflicts.js';
import { takenFamily } from './spec-family.js';
import { plainFlangeOf } from './plain-flange.js';
import { stopTypeOf } from './stop-type.js';
import type { OpenField, SpecEnd, ValveSpec } from './valve-spec.js';

export interface OrderLine {
  /** In the counter's order. */
  text: string;
  /** The counter's everyday name. */
  short: string;
  missing: OpenField[];
  /** What of it cannot be together. */
  conflicts: Conflict[];
  /** Nothing is missing, and nothing is in conflict. */
  complete: boolean;
}

/**
 * A valve said in full, in the order a counter hears it.
 *
 * @param spec field by field; what is left out is named as missing where the family's order needs it
 * @returns the line, the everyday name, and what is still open, with why and the choices
 * Source: the trade's order of saying a valve, by family. What is said is read back as it was by `readOrder`.
 *
 * @example
 * orderLine({ family: 'stop', type: 'quarter-turn-stop', dn: 15, form: 'angle', action: 'quarter-turn',
 *   ends: [{ side: 'supply', style: 'pex-barb' }, { side: 'fixture', style: 'od-compression', odIn: 0.375 }] }).text
 * // '1/2 in PEX barb x 3/8 in OD compression angle stop, quarter turn'
 */
export function orderLine(spec: ValveSpec): OrderLine {
  const family = spec.family ?? takenFamily(spec);
  const missing = openFields(spec, family);
  const head = family === 'stop' ? stopHead(spec) : family === 'steel' ? steelHead(spec) : plainHead(spec);
  const text = [head.said, ...restOf(spec, head.covers)].filter(Boolean).join(', ');
  const conflicts = specConflicts(spec);
  return {
    text,
    short: shortName(spec),
    missing,
    conflicts,
    complete: missing.length === 0 && conflicts.length === 0,
  };
}

/** How a line begins, and which fields that has said. */
interface Head {
  said: string;
  covers: readonly (keyof ValveSpec)[];
}

/** Stops: the ends with their sizes first, then form and action; a size that the supply end carries is not said twice. */
function stopHead(spec: ValveSpec): Head {
  const { dn, ends: [supply, ...others] = [], form, action, type } = spec;
  const actions = action ? [ORDER_ACTION_WORDS[action]] : [];
  const covers = [
    'dn',
    'ends',
    'form',
    'action',
    ...(type === stopTypeOf(form, action) ? (['type'] as const) : []),
  ] as const;
  const what = form ? ORDER_FORM_WORDS[form] : 'stop';
  const size = dn === undefined ? [] : [sizeWords(dn)];
  if (!supply) return { said: [[...size, what].join(' '), ...actions].join(', '), covers };
  const own = supply.dn === undefined && dn !== undefined ? { dn } : {};
  const isSaid = dn === undefined || (supply.dn ?? dn) === dn;
  const said = [{ ...supply, ...own }, ...others].map((end) => endWords(end)).join(' x ');
  return { said: [`${said} ${what}`, ...(isSaid ? [] : size), ...actions].join(', '), covers };
}

/** Steel: size, class, facing, ends, body, type. */
function steelHead(spec: ValveSpec): Head {
  const { dn, rating, facing, ends = [], body } = spec;
  const isClass = rating?.kind === 'class';
  const sized = ends.some((end) => end.dn !== undefined || end.odIn !== undefined);
  const flanged = { ...STEEL_END_WORDS, [plainFlangeOf(spec)]: 'flanged' };
  const words = ends.map((end) => endWords(end, flanged));
  const isFlanged = ends.length === 2 && ends.every(({ style }) => style === plainFlangeOf(spec));
  const joined = isFlanged && !sized ? 'flanged' : words.join(' x ');
  return {
    said: [
      dn !== undefined && sizeWords(dn),
      isClass && `class ${rating.value}`,
      facing?.toUpperCase(),
      joined,
      body && bodyWords(body),
      typeWords(spec),
    ]
      .filter(Boolean)
      .join(' '),
    covers: ['dn', 'ends', 'facing', 'body', 'type', ...(isClass ? (['rating'] as const) : [])],
  };
}

/** All others: size, standard, type, then the ends. */
function plainHead(spec: ValveSpec): Head {
  const { dn, standard, ends = [] } = spec;
  const first = [dn !== undefined && sizeWords(dn), standard && standardWords(standard), typeWords(spec)];
  return {
    said: [first.filter(Boolean).join(' '), ends.map((end) => endWords(end)).join(' x ')]
      .filter(Boolean)
      .join(', '),
    covers: ['dn', 'standard', 'type', 'ends'],
  };
}

/** What comes after the head, in the counter's order; what the head or the rest of the line has said already is left out. */
function restOf(spec: ValveSpec, covers: readonly (keyof ValveSpec)[]): string[] {
  const said = (field: keyof ValveSpec): boolean => covers.includes(field) || spec[field] === undefined;
  const phrases: Partial<Record<keyof ValveSpec, () => string>> = {
    type: () => typeWords(spec),
    trim: () => (spec.trim === NICKEL_COPPER_TRIM ? 'trim 9 nickel-copper' : `trim ${spec.trim}`),
    bonnet: () => ORDER_BONNET_WORDS[spec.bonnet as NonNullable<ValveSpec['bonnet']>],
    port: portWords,
    body: () =>
      [coated(), lead(), bodyWords(spec.body as NonNullable<ValveSpec['body']>)].filter(Boolean).join(' '),
    pieces: () => `${PIECES[spec.pieces ?? 0] ?? spec.pieces}-piece`,
    seat: () => `${ORDER_SEAT_WORDS[spec.seat as NonNullable<ValveSpec['seat']>]} seats`,
    disc: () => `${ORDER_SEAT_WORDS[spec.disc as NonNullable<ValveSpec['disc']>]} disc`,
    stem: stemWords,
    rating: () => ratingWords(spec.rating as NonNullable<ValveSpec['rating']>),
    operator: () => ORDER_OPERATOR_WORDS[spec.operator as NonNullable<ValveSpec['operator']>],
  };
  const { family } = spec;
  const order: readonly (keyof ValveSpec)[] =
    family === 'steel'
      ? ['type', 'trim', 'bonnet', 'stem', 'port', 'pieces', 'seat', 'disc', 'operator', 'rating']
      : family === 'waterworks'
        ? ['type', 'port', 'body', 'pieces', 'seat', 'disc', 'stem', 'rating', 'operator', 'trim', 'bonnet']
        : ['type', 'port', 'body', 'pieces', 'seat', 'disc', 'stem', 'operator', 'rating', 'trim', 'bonnet'];
  const { kind, type } = spec;
  const typeKind = type && isCheck(type) ? type.replace('check-', '') : undefined;
  return [
    ...order.flatMap((field) => (said(field) ? [] : [phrases[field]?.() ?? ''])),
    ...(spec.body === undefined || covers.includes('body') ? [coated(), lead()] : []),
    ...(said('standard') ? [] : [standardWords(spec.standard ?? '')]),
    ...(said('facing') ? [] : [(spec.facing ?? '').toUpperCase()]),
    ...(spec.form === undefined || covers.includes('form') ? [] : [ORDER_FORM_WORDS[spec.form]]),
    ...(spec.action === undefined || covers.includes('action') ? [] : [ORDER_ACTION_WORDS[spec.action]]),
    spec.opening && `open ${spec.opening}`,
    spec.extensionM !== undefined && `${spec.extensionM} m extension`,
    spec.box !== undefined && (spec.box ? 'with box' : 'without box'),
    kind !== undefined && kind !== typeKind && `kind: ${kind};`,
    spec.orientation !== undefined &&
      (ORDER_ORIENTATION_WORDS[spec.orientation] ?? `orientation: ${spec.orientation};`),
    spec.spring !== undefined && (spec.spring ? 'with spring' : 'without spring'),
    spec.setPressurePa !== undefined && `set at ${pressureWords(spec.setPressurePa)}`,
    spec.rangePa && `range ${pressureWords(spec.rangePa[0])} to ${pressureWords(spec.rangePa[1])}`,
    spec.strainer !== undefined && (spec.strainer ? 'with strainer' : 'without strainer'),
    spec.sealWeld !== undefined && (spec.sealWeld ? 'seal welded' : 'not seal welded'),
    spec.normally && `normally ${spec.normally}`,
    spec.voltageV !== undefined && `${spec.voltageV} V`,
    spec.capacityKgH !== undefined && `capacity ${spec.capacityKgH} kg/h`,
    spec.capacityW !== undefined && `capacity ${spec.capacityW} W`,
    spec.leastDifferentialPa !== undefined && `at least ${pressureWords(spec.leastDifferentialPa)} across it`,
    spec.maxTemperatureC !== undefined && `up to ${spec.maxTemperatureC} C`,
    ...(spec.accessories ?? []).map((accessory) => ACCESSORY_WORDS[accessory]),
    ...(spec.approvals?.length === 0 ? ['no approvals'] : []),
    ...(spec.approvals ?? []).map((approval) => ORDER_APPROVAL_WORDS[approval]),
    // Its head says of a stop that it is one.
    family !== undefined && family !== 'stop' && family !== takenFamily(spec) && ORDER_FAMILY_WORDS[family],
  ].filter((phrase): phrase is string => typeof phrase === 'string' && phrase !== '');

  function portWords(): string {
    return ORDER_PORT_WORDS[spec.port as NonNullable<ValveSpec['port']>];
  }
  function stemWords(): string {
    return ORDER_STEM_WORDS[spec.stem as NonNullable<ValveSpec['stem']>];
  }
  function lead(): string {
    return spec.leadFree === undefined ? '' : spec.leadFree ? 'lead-free' : 'not lead-free';
  }
  function coated(): string {
    return spec.coating === undefined ? '' : spec.coating === 'epoxy' ? 'epoxy-coated' : 'uncoated';
  }
}

function typeWords({ type, standard }: ValveSpec): string {
  if (type === 'gate-solid' && isRubberWedgeStandard(standard)) return METAL_WEDGE;
  return type ? ORDER_TYPE_WORDS[type] : '';
}

const NICKEL_COPPER_TRIM = 9;
const METAL_WEDGE = 'metal-wedge gate valve';
const PIECES: Readonly<Record<number, string>> = { 1: 'one', 2: 'two', 3: 'three' };

/** The first that gives a pressure exactly in six figures says it, so that it is read back as it was. */
const PRESSURES_SAID = [
  { symbol: 'psi', factor: PSI_PA },
  { symbol: 'bar', factor: 1e5 },
  { symbol: 'kPa', factor: 1e3 },
];

function pressureWords(pa: number): string {
  for (const { symbol, factor } of PRESSURES_SAID) {
    const figure = Number((pa / factor).toPrecision(6));
    if (figure * factor === pa) return `${figure} ${symbol}`;
  }
  return `${pa} Pa`;
}

function ratingWords({ kind, value }: NonNullable<ValveSpec['rating']>): string {
  if (kind === 'class') return `class ${value}`;
  if (kind === 'pn') return `PN ${value}`;
  return `${value} ${kind === 'psi' ? 'psi' : kind.toUpperCase()}`;
}

const standardWords = (standard: string): string =>
  /^(?:AWWA C\d{3}|API \w{3}|MSS SP-\d+|ASSE \d{4})$/.test(standard) ? standard : `standard “${standard}”`;

const bodyWords = (body: NonNullable<ValveSpec['body']>): string =>
  (BODY_MATERIALS as readonly string[]).includes(body) ? ORDER_BODY_WORDS[body as BodyMaterial] : body;

function sizeWords(dn: number): string {
  const nps = NOMINAL_SIZES.find((size) => size.dn === dn)?.nps;
  return nps === undefined ? `DN${dn}` : `${nps} in`;
}

function endWords({ style, dn, odIn }: SpecEnd, own: Partial<Record<string, string>> = {}): string {
  const words = own[style] ?? ORDER_END_WORDS[style];
  const both = dn !== undefined && odIn !== undefined;
  return [
    dn !== undefined && sizeWords(dn),
    odIn !== undefined && `${both ? '(' : ''}${inches(odIn)} in OD${both ? ')' : ''}`,
    words,
  ]
    .filter(Boolean)
    .join(' ');
}

const ICE_MAKER_IN = 0.25;
/** An end as the counter calls a whole thing by it. */
const SHORT_END_WORDS: Partial<Record<SpecEnd['style'], string>> = {
  ...ORDER_END_WORDS,
  'pex-barb': 'PEX',
  'pex-expansion': 'PEX expansion',
};

function shortName({ dn, ends = [], form, type }: ValveSpec): string {
  const size = ({ odIn, dn: own }: SpecEnd): string =>
    odIn !== undefined ? inches(odIn) : own !== undefined ? sizeWords(own).replace(' in', '') : '';
  if (form === 'box') {
    const [supply, fixture] = ends;
    const of =
      fixture?.style === 'male-hose'
        ? 'washer box'
        : fixture?.odIn === ICE_MAKER_IN
          ? 'ice maker box'
          : 'box';
    return [supply && SHORT_END_WORDS[supply.style], of].filter(Boolean).join(' ');
  }
  if (form) {
    const sizes = ends.map((end, at) =>
      at === 0 && dn !== undefined ? sizeWords(dn).replace(' in', '') : size(end),
    );
    return [sizes.filter(Boolean).join(' x '), ORDER_FORM_WORDS[form]].filter(Boolean).join(' ');
  }
  return [dn !== undefined && sizeWords(dn), type ? ORDER_TYPE_WORDS[type] : 'valve']
    .filter(Boolean)
    .join(' ');
}
