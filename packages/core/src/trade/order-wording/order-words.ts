import {
  type Approval,
  type BodyMaterial,
  END_WORDS,
  type End,
  type Operator,
  type Port,
  type SeatMaterial,
  type Stem,
  type ValveType,
} from '../../ground/valves/index.js';
import type { BONNETS, SpecFamily } from './valve-spec.js';

/** Each type as the counter says it. No two are alike, so that each is read back as itself. */
export const ORDER_TYPE_WORDS: Readonly<Record<ValveType, string>> = {
  ball: 'ball valve',
  'ball-3-way': 'three-way ball valve',
  'gate-solid': 'gate valve',
  'gate-resilient': 'resilient-wedge gate valve',
  'knife-gate': 'knife gate valve',
  globe: 'globe valve',
  'globe-y': 'Y-pattern globe valve',
  angle: 'angle valve',
  'compression-stop': 'washer-type stop',
  'compression-stop-angle': 'washer-type angle stop',
  'quarter-turn-stop': 'quarter-turn stop',
  needle: 'needle valve',
  'radiator-disc': 'radiator valve',
  'radiator-metering': 'metering radiator valve',
  'butterfly-resilient': 'butterfly valve',
  'butterfly-metal': 'metal-seated butterfly valve',
  'butterfly-gas-cock': 'butterfly gas cock',
  'plug-taper': 'taper plug valve',
  'plug-lubricated': 'lubricated plug valve',
  'plug-eccentric': 'eccentric plug valve',
  'plug-3-way': 'three-way plug valve',
  diaphragm: 'diaphragm valve',
  solenoid: 'solenoid valve',
  'pressure-reducing': 'pressure-reducing valve',
  relief: 'relief valve',
  'check-swing': 'swing check valve',
  'check-swing-spring': 'spring-assisted swing check valve',
  'check-swing-weighted': 'weighted swing check valve',
  'check-spring-inline': 'inline spring check valve',
  'check-lift-horizontal': 'horizontal lift check valve',
  'check-lift-vertical': 'vertical lift check valve',
  'check-ball': 'ball check valve',
  'check-dual-plate': 'dual-plate check valve',
  'check-tilting': 'tilting-disc check valve',
};

/** Each end as the counter says it; an outside diameter is said with the size. */
export const ORDER_END_WORDS: Readonly<Record<End, string>> = {
  ...END_WORDS,
  fip: 'FIP',
  mip: 'MIP',
  bspp: 'BSPP',
  bspt: 'BSPT',
  'od-compression': 'compression',
  brazed: 'brazed',
  'mechanical-joint': 'MJ',
  'socket-weld': 'socket-weld',
  'butt-weld': 'butt-weld',
  'male-hose': 'male hose',
};

/** The same on industrial steel, where the class is said before. */
export const STEEL_END_WORDS: Partial<Record<End, string>> = { fip: 'threaded' };

export const ORDER_BODY_WORDS: Readonly<Record<BodyMaterial, string>> = {
  brass: 'brass',
  'dzr-brass': 'DZR brass',
  'plated-brass': 'plated brass',
  bronze: 'bronze',
  stainless: 'stainless steel',
  'carbon-steel': 'carbon steel',
  'grey-iron': 'grey iron',
  'ductile-iron': 'ductile iron',
  pvc: 'PVC',
  cpvc: 'CPVC',
};

export const ORDER_PORT_WORDS: Readonly<Record<Port, string>> = {
  full: 'full port',
  reduced: 'reduced port',
  standard: 'standard port',
  venturi: 'venturi port',
};

/** Of a seat or a disc: which of them follows. */
export const ORDER_SEAT_WORDS: Readonly<Record<SeatMaterial, string>> = {
  ptfe: 'PTFE',
  'reinforced-ptfe': 'reinforced PTFE',
  nylon: 'nylon',
  nbr: 'NBR',
  epdm: 'EPDM',
  fkm: 'FKM',
  neoprene: 'neoprene',
  rubber: 'rubber',
  metal: 'metal',
  graphite: 'graphite',
};

export const ORDER_STEM_WORDS: Readonly<Record<Stem, string>> = {
  'non-blowout': 'non-blowout stem',
  rising: 'rising stem',
  'os-y': 'OS&Y',
  nrs: 'NRS',
};

export const ORDER_OPERATOR_WORDS: Readonly<Record<Operator, string>> = {
  lever: 'lever',
  'locking-lever': 'locking lever',
  tee: 'tee handle',
  'round-handle': 'round handle',
  handwheel: 'handwheel',
  gear: 'gear operator',
  'operating-nut': '2 in operating nut',
  'loose-key': 'loose key',
  'notch-lever': 'notched lever',
  'chain-wheel': 'chain wheel',
  electric: 'electric actuator',
  pneumatic: 'pneumatic actuator',
  hydraulic: 'hydraulic actuator',
};

export const ORDER_BONNET_WORDS: Readonly<Record<(typeof BONNETS)[number], string>> = {
  bolted: 'bolted bonnet',
  welded: 'welded bonnet',
  'pressure-seal': 'pressure-seal bonnet',
  union: 'union bonnet',
  screwed: 'screwed bonnet',
};

export const ORDER_APPROVAL_WORDS: Readonly<Record<Approval, string>> = {
  potable: 'potable',
  gas: 'gas',
  fire: 'fire',
  steam: 'steam',
};

export const ORDER_FORM_WORDS = {
  straight: 'straight stop',
  angle: 'angle stop',
  'dual-angle': 'dual-outlet angle stop',
  box: 'recessed box stop',
} as const;

export const ORDER_ACTION_WORDS = { 'quarter-turn': 'quarter turn', 'multi-turn': 'multi-turn' } as const;

/** Said only where nothing else in the line tells the counter's family. */
export const ORDER_FAMILY_WORDS: Readonly<Record<SpecFamily, string>> = {
  stop: 'as a stop',
  bronze: 'as small bronze',
  steel: 'as steel',
  waterworks: 'as waterworks',
  check: 'as a check',
  prv: 'as a reducer',
  plastic: 'as plastic',
};

export const ORDER_ORIENTATION_WORDS: Readonly<Record<string, string>> = {
  horizontal: 'horizontal',
  'vertical-up': 'vertical flow up',
  'vertical-down': 'vertical flow down',
  any: 'any position',
};
