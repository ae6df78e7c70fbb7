import type { ValveType } from '@grevik/core';

const HIGHER: Partial<Record<ValveType, number>> = {
  ball: 66,
  'ball-3-way': 50,
  'plug-3-way': 50,
  'butterfly-resilient': 66,
  'butterfly-metal': 66,
  'butterfly-gas-cock': 66,
  'plug-taper': 66,
  'plug-lubricated': 66,
  'plug-eccentric': 62,
  'check-spring-inline': 62,
  'check-dual-plate': 60,
  'check-tilting': 64,
  diaphragm: 80,
  'quarter-turn-stop': 78,
  globe: 84,
  'globe-y': 84,
  'compression-stop': 84,
  'check-lift-horizontal': 84,
  'check-swing': 84,
  'check-swing-spring': 84,
  'check-swing-weighted': 84,
  'check-ball': 88,
  'knife-gate': 88,
  solenoid: 88,
  'pressure-reducing': 92,
  relief: 92,
};

/** The height at which the pipe's axis runs through a type's drawing. */
export const pipeAxis = (type: ValveType): number => HIGHER[type] ?? 90;
