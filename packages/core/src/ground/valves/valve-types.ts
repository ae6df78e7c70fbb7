import type { CharacteristicName } from './characteristics.js';
import type { ValveFunction } from './functions.js';

/** Rules speak of families: a rule about gates holds for every gate. */
export type ValveFamily =
  | 'ball'
  | 'gate'
  | 'globe'
  | 'stop'
  | 'radiator'
  | 'butterfly'
  | 'plug'
  | 'diaphragm'
  | 'self-acting'
  | 'check';

/** How the handle moves it. `self`: the flow or a spring does. */
export type Strokes = 'quarter' | 'several' | 'many' | 'self';

export interface ValveTypeFacts {
  words: string;
  family: ValveFamily;
  strokes: Strokes;
  /** What moves and what it closes on. */
  inside: string;
  /** Loss as a multiple of the fully rough friction factor of the pipe. Left out where it is by capacity or follows the size. */
  lossMultiple?: number;
  characteristic?: CharacteristicName;
  /** What it can be asked to do at all; how well is the rules' business. */
  serves: readonly ValveFunction[];
  /** Smallest and largest DN it is usually made in. */
  madeDn: readonly [number, number];
  /** Whether a snake or camera goes through when it is open; `full-port` where only then. */
  passes?: 'yes' | 'full-port' | 'flapper-lifted';
  /** Closes on rubber or plastic whose kind must be known; without it the seats are metal. */
  softSeated?: boolean;
}

const SHUTS: readonly ValveFunction[] = ['isolate', 'emergency-shutoff', 'throttle', 'purge'];
/** Open or shut, never part way. */
const OPEN_OR_SHUT: readonly ValveFunction[] = ['isolate', 'emergency-shutoff', 'purge'];
const CHECKS: readonly ValveFunction[] = ['non-return'];

/**
 * The trade's types. Loss multiples: generic handbook values as Crane TP-410 tabulates them, with radiator, needle, diaphragm and solenoid
 * valves taken as the globe or angle body they are made in.
 */
export const VALVE_TYPE_FACTS = {
  ball: {
    madeDn: [8, 300],
    passes: 'full-port',
    words: 'ball',
    family: 'ball',
    strokes: 'quarter',
    inside: 'A bored ball between two soft seats',
    lossMultiple: 3,
    characteristic: 'ball',
    serves: SHUTS,
    softSeated: true,
  },
  'ball-3-way': {
    madeDn: [8, 100],
    words: 'three-way ball',
    family: 'ball',
    strokes: 'quarter',
    inside: 'A ball with an L or T bore',
    lossMultiple: 30,
    characteristic: 'ball',
    serves: ['divert'],
    softSeated: true,
  },
  'gate-solid': {
    madeDn: [8, 600],
    passes: 'yes',
    words: 'gate, metal wedge',
    family: 'gate',
    strokes: 'many',
    inside: 'A metal wedge lowered into a slot across two narrow seats',
    lossMultiple: 8,
    characteristic: 'gate',
    serves: SHUTS,
  },
  'gate-resilient': {
    madeDn: [50, 600],
    passes: 'yes',
    words: 'gate, resilient wedge',
    family: 'gate',
    strokes: 'many',
    inside: 'An iron wedge wrapped in rubber in a smooth bore',
    lossMultiple: 8,
    characteristic: 'gate',
    serves: SHUTS,
    softSeated: true,
  },
  'knife-gate': {
    madeDn: [50, 900],
    passes: 'yes',
    words: 'knife gate',
    family: 'gate',
    strokes: 'many',
    inside: 'A thin plate that cuts through solids',
    lossMultiple: 8,
    characteristic: 'gate',
    serves: SHUTS,
  },
  globe: {
    madeDn: [8, 200],
    words: 'globe',
    family: 'globe',
    strokes: 'several',
    inside: 'A disc pressed down on a seat across an S-shaped path',
    lossMultiple: 340,
    characteristic: 'globe-linear',
    serves: SHUTS,
    softSeated: true,
  },
  'globe-y': {
    madeDn: [15, 80],
    words: 'globe, inclined',
    family: 'globe',
    strokes: 'several',
    inside: 'A disc on an inclined seat',
    lossMultiple: 55,
    characteristic: 'globe-linear',
    serves: SHUTS,
    softSeated: true,
  },
  angle: {
    madeDn: [8, 100],
    words: 'angle',
    family: 'globe',
    strokes: 'several',
    inside: 'A disc on a seat at a right-angle turn',
    lossMultiple: 150,
    characteristic: 'globe-linear',
    serves: SHUTS,
    softSeated: true,
  },
  'compression-stop': {
    madeDn: [8, 25],
    words: 'compression stop',
    family: 'stop',
    strokes: 'several',
    inside: 'A rubber washer screwed onto a brass seat',
    lossMultiple: 340,
    characteristic: 'compression',
    serves: SHUTS,
    softSeated: true,
  },
  'compression-stop-angle': {
    madeDn: [8, 15],
    words: 'compression stop, angle',
    family: 'stop',
    strokes: 'several',
    inside: 'A rubber washer screwed onto a brass seat at a turn',
    lossMultiple: 150,
    characteristic: 'compression',
    serves: SHUTS,
    softSeated: true,
  },
  'quarter-turn-stop': {
    madeDn: [8, 15],
    words: 'quarter-turn stop',
    family: 'ball',
    strokes: 'quarter',
    inside: 'A small ball between nylon or PTFE seats',
    lossMultiple: 18,
    characteristic: 'ball',
    serves: SHUTS,
    softSeated: true,
  },
  needle: {
    madeDn: [6, 25],
    words: 'needle',
    family: 'globe',
    strokes: 'many',
    inside: 'A fine-thread metal cone',
    lossMultiple: 340,
    characteristic: 'metering-cone',
    serves: SHUTS,
  },
  'radiator-disc': {
    madeDn: [15, 40],
    words: 'radiator valve, disc',
    family: 'radiator',
    strokes: 'several',
    inside: 'A rubber or composition disc over a wide opening',
    lossMultiple: 150,
    characteristic: 'compression',
    serves: SHUTS,
    softSeated: true,
  },
  'radiator-metering': {
    madeDn: [15, 32],
    words: 'radiator valve, metering',
    family: 'radiator',
    strokes: 'several',
    inside: 'A cone on a metal seat with an adjustable internal stop',
    lossMultiple: 150,
    characteristic: 'metering-cone',
    serves: SHUTS,
  },
  'butterfly-resilient': {
    madeDn: [50, 1200],
    words: 'butterfly, rubber seat',
    family: 'butterfly',
    strokes: 'quarter',
    inside: 'A disc on a shaft that stays in the stream, on a rubber seat',
    characteristic: 'butterfly',
    serves: SHUTS,
    softSeated: true,
  },
  'butterfly-metal': {
    madeDn: [50, 1200],
    words: 'butterfly, metal seat',
    family: 'butterfly',
    strokes: 'quarter',
    inside: 'A disc on a shaft, on a metal or bare seat',
    characteristic: 'butterfly',
    serves: SHUTS,
  },
  'butterfly-gas-cock': {
    madeDn: [15, 25],
    words: 'butterfly gas cock',
    family: 'butterfly',
    strokes: 'quarter',
    inside: 'A disc in a heavy body with few leak paths',
    lossMultiple: 45,
    characteristic: 'butterfly',
    serves: OPEN_OR_SHUT,
  },
  'plug-taper': {
    madeDn: [8, 50],
    passes: 'yes',
    words: 'taper plug, ground key',
    family: 'plug',
    strokes: 'quarter',
    inside: 'A greased taper plug drawn down by a nut',
    lossMultiple: 18,
    characteristic: 'ball',
    serves: SHUTS,
  },
  'plug-lubricated': {
    madeDn: [25, 300],
    passes: 'yes',
    words: 'lubricated plug',
    family: 'plug',
    strokes: 'quarter',
    inside: 'A taper plug with injected sealant',
    lossMultiple: 18,
    characteristic: 'ball',
    serves: OPEN_OR_SHUT,
  },
  'plug-eccentric': {
    madeDn: [50, 1200],
    passes: 'yes',
    words: 'eccentric plug',
    family: 'plug',
    strokes: 'quarter',
    inside: 'A rubber-covered half-plug that swings clear of its seat',
    lossMultiple: 18,
    characteristic: 'plug-eccentric',
    serves: SHUTS,
    softSeated: true,
  },
  'plug-3-way': {
    madeDn: [80, 400],
    words: 'three-way plug',
    family: 'plug',
    strokes: 'quarter',
    inside: 'A diverting plug',
    lossMultiple: 30,
    characteristic: 'plug-eccentric',
    serves: ['divert'],
  },
  diaphragm: {
    madeDn: [15, 150],
    words: 'diaphragm',
    family: 'diaphragm',
    strokes: 'several',
    inside: 'A rubber diaphragm pressed on a weir',
    lossMultiple: 150,
    characteristic: 'globe-linear',
    serves: SHUTS,
    softSeated: true,
  },
  solenoid: {
    madeDn: [8, 50],
    words: 'solenoid',
    family: 'self-acting',
    strokes: 'self',
    inside: 'A coil lifts a spring-loaded disc',
    lossMultiple: 340,
    serves: ['isolate', 'emergency-shutoff', 'purge'],
    softSeated: true,
  },
  'pressure-reducing': {
    madeDn: [8, 150],
    words: 'pressure reducer',
    family: 'self-acting',
    strokes: 'self',
    inside: 'A spring and a diaphragm hold the outlet pressure',
    serves: ['reduce-pressure'],
    softSeated: true,
  },
  relief: {
    madeDn: [8, 100],
    words: 'relief',
    family: 'self-acting',
    strokes: 'self',
    inside: 'A spring holds a disc until the set pressure',
    serves: ['relieve'],
    softSeated: true,
  },
  'check-swing': {
    madeDn: [15, 600],
    passes: 'flapper-lifted',
    words: 'swing check',
    family: 'check',
    strokes: 'self',
    inside: 'A hinged disc that falls by its weight',
    lossMultiple: 100,
    serves: CHECKS,
  },
  'check-swing-spring': {
    madeDn: [25, 300],
    passes: 'flapper-lifted',
    words: 'swing check with spring',
    family: 'check',
    strokes: 'self',
    inside: 'A hinged disc closed by a spring',
    lossMultiple: 100,
    serves: CHECKS,
  },
  'check-swing-weighted': {
    madeDn: [80, 600],
    passes: 'flapper-lifted',
    words: 'swing check, lever and weight',
    family: 'check',
    strokes: 'self',
    inside: 'A hinged disc with an adjustable weight outside',
    lossMultiple: 100,
    serves: CHECKS,
  },
  'check-spring-inline': {
    madeDn: [8, 300],
    words: 'inline spring check',
    family: 'check',
    strokes: 'self',
    inside: 'A spring-loaded poppet on the axis',
    lossMultiple: 150,
    serves: CHECKS,
  },
  'check-lift-horizontal': {
    madeDn: [8, 50],
    words: 'lift check, horizontal',
    family: 'check',
    strokes: 'self',
    inside: 'A disc guided in a globe body',
    lossMultiple: 600,
    serves: CHECKS,
  },
  'check-lift-vertical': {
    madeDn: [8, 150],
    words: 'lift check, vertical',
    family: 'check',
    strokes: 'self',
    inside: 'A disc guided straight up',
    lossMultiple: 55,
    serves: CHECKS,
  },
  'check-ball': {
    madeDn: [25, 400],
    words: 'ball check',
    family: 'check',
    strokes: 'self',
    inside: 'A loose ball that rolls aside into a channel',
    lossMultiple: 150,
    serves: CHECKS,
  },
  'check-dual-plate': {
    madeDn: [50, 600],
    words: 'dual-plate check',
    family: 'check',
    strokes: 'self',
    inside: 'Two half-discs on a hinge with springs',
    lossMultiple: 60,
    serves: CHECKS,
  },
  'check-tilting': {
    madeDn: [50, 600],
    words: 'tilting-disc check',
    family: 'check',
    strokes: 'self',
    inside: 'A disc pivoted near its center',
    lossMultiple: 40,
    serves: CHECKS,
  },
} as const satisfies Record<string, ValveTypeFacts>;

export type ValveType = keyof typeof VALVE_TYPE_FACTS;
export const VALVE_TYPES = Object.keys(VALVE_TYPE_FACTS) as ValveType[];

/** The facts of a type, with every optional one in sight. */
export function valveTypeFacts(type: ValveType): ValveTypeFacts {
  return VALVE_TYPE_FACTS[type];
}

export const familyOf = (type: ValveType): ValveFamily => VALVE_TYPE_FACTS[type].family;
export const isCheck = (type: ValveType): boolean => familyOf(type) === 'check';
/** A stop in front of a fixture, washer or quarter turn. */
export const isSupplyStop = (type: ValveType): boolean =>
  type === 'compression-stop' || type === 'compression-stop-angle' || type === 'quarter-turn-stop';
export const isQuarterTurn = (type: ValveType): boolean => valveTypeFacts(type).strokes === 'quarter';

/** Moved by a hand or an actuator, and not by the flow or a spring. */
export const isHandled = (type: ValveType): boolean => valveTypeFacts(type).strokes !== 'self';

/** Turned more than once from open to shut: it takes time, and scale can lock it. */
export function isManyTurn(type: ValveType): boolean {
  const { strokes } = valveTypeFacts(type);
  return strokes === 'many' || strokes === 'several';
}
