export const PORTS = ['full', 'reduced', 'standard', 'venturi'] as const;
export type Port = (typeof PORTS)[number];

export const BODY_MATERIALS = [
  'brass',
  'dzr-brass',
  'plated-brass',
  'bronze',
  'stainless',
  'carbon-steel',
  'grey-iron',
  'ductile-iron',
  'pvc',
  'cpvc',
] as const;
export type BodyMaterial = (typeof BODY_MATERIALS)[number];

/** Whether a body or a pipe is of a plastic that is cemented and loses its rating as it warms. */
export const isPlastic = (material: string | undefined): material is 'pvc' | 'cpvc' =>
  material === 'pvc' || material === 'cpvc';

/** Whether a body is brass or bronze of any kind. */
export const isCopperAlloy = (body: string | undefined): boolean =>
  body === 'brass' || body === 'dzr-brass' || body === 'plated-brass' || body === 'bronze';

export const BODY_WORDS: Record<BodyMaterial, string> = {
  brass: 'yellow brass',
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

export const SEAT_MATERIALS = [
  'ptfe',
  'reinforced-ptfe',
  'nylon',
  'nbr',
  'epdm',
  'fkm',
  'neoprene',
  'rubber',
  'metal',
  'graphite',
] as const;
export type SeatMaterial = (typeof SEAT_MATERIALS)[number];

export const SEAT_WORDS: Record<SeatMaterial, string> = {
  ptfe: 'PTFE',
  'reinforced-ptfe': 'reinforced PTFE',
  nylon: 'nylon',
  nbr: 'NBR',
  epdm: 'EPDM',
  fkm: 'FKM',
  neoprene: 'neoprene',
  rubber: 'rubber of unknown kind',
  metal: 'metal',
  graphite: 'graphite',
};

/**
 * Highest temperature of a seat or disc, degrees C. Generic; a maker's sheet wins. `rubber` is any of NBR to FKM and has no one limit;
 * graphite outlasts the metal it sits on and takes the metal's.
 */
export const SEAT_LIMIT_C: Record<Exclude<SeatMaterial, 'rubber'>, number> = {
  nylon: 80,
  nbr: 82,
  neoprene: 90,
  epdm: 120,
  fkm: 180,
  ptfe: 200,
  'reinforced-ptfe': 220,
  metal: 400,
  graphite: 400,
};

export const STEMS = ['non-blowout', 'rising', 'os-y', 'nrs'] as const;
export type Stem = (typeof STEMS)[number];

export const OPERATORS = [
  'lever',
  'locking-lever',
  'tee',
  'round-handle',
  'handwheel',
  'gear',
  'operating-nut',
  'loose-key',
  'notch-lever',
  'chain-wheel',
  'electric',
  'pneumatic',
  'hydraulic',
] as const;
export type Operator = (typeof OPERATORS)[number];

export const APPROVALS = ['potable', 'gas', 'fire', 'steam'] as const;
export type Approval = (typeof APPROVALS)[number];
