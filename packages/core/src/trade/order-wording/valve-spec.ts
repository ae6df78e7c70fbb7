import type {
  Accessory,
  Approval,
  BodyMaterial,
  End,
  Operator,
  Port,
  SeatMaterial,
  Stem,
  ValveType,
} from '../../ground/valves/index.js';

export const SPEC_FAMILIES = ['stop', 'bronze', 'steel', 'waterworks', 'check', 'prv', 'plastic'] as const;
export type SpecFamily = (typeof SPEC_FAMILIES)[number];

/** Steels by their own designation, as they are cast or stamped on a body. Source: ASTM A216, A105, A351, A182. */
export const STEELS = ['A216 WCB', 'A105', 'CF8', 'CF8M', 'CF3', 'CF3M', 'F304', 'F316'] as const;
export type Steel = (typeof STEELS)[number];

export const BONNETS = ['bolted', 'welded', 'pressure-seal', 'union', 'screwed'] as const;
export const FACINGS = ['rf', 'ff', 'rtj'] as const;
/** How a rating is said: cold working pressure, pressure class, plain psi, working steam pressure, nominal pressure in bar. */
export const RATING_KINDS = ['cwp', 'class', 'psi', 'wsp', 'pn'] as const;

/** One end of a valve, as it is ordered. */
export interface SpecEnd {
  side: 'supply' | 'fixture' | 'fixture2' | 'in' | 'out';
  style: End;
  dn?: number;
  /** Outside diameter of a tube, in. */
  odIn?: number;
}

/** A valve as it is ordered, field by field; what is not known is left out. */
export interface ValveSpec {
  family?: SpecFamily;
  type?: ValveType;
  dn?: number;
  ends?: SpecEnd[];
  form?: 'straight' | 'angle' | 'dual-angle' | 'box';
  action?: 'quarter-turn' | 'multi-turn';
  port?: Port;
  body?: BodyMaterial | Steel;
  leadFree?: boolean;
  pieces?: number;
  seat?: SeatMaterial;
  disc?: SeatMaterial;
  stem?: Stem;
  operator?: Operator;
  rating?: { kind: (typeof RATING_KINDS)[number]; value: number };
  facing?: (typeof FACINGS)[number];
  /** Number of API 600. */
  trim?: number;
  bonnet?: (typeof BONNETS)[number];
  standard?: string;
  coating?: 'epoxy' | 'none';
  opening?: 'left' | 'right';
  extensionM?: number;
  box?: boolean;
  /** With a spring, where that is not its kind already. */
  spring?: boolean;
  /** A check's, without `check-`. */
  kind?: string;
  orientation?: string;
  setPressurePa?: number;
  rangePa?: [low: number, high: number];
  strainer?: boolean;
  /** Halves of a two-piece body. */
  sealWeld?: boolean;
  /** Of a relief, of steam. */
  capacityKgH?: number;
  capacityW?: number;
  /** Of a solenoid without power. */
  normally?: 'open' | 'closed';
  voltageV?: number;
  leastDifferentialPa?: number;
  maxTemperatureC?: number;
  accessories?: Accessory[];
  approvals?: Approval[];
}

/** A fact an order still needs. */
export interface OpenField {
  field: keyof ValveSpec;
  why: string;
  choices: readonly string[];
}
