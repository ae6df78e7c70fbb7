import { type ValveType, valveTypeFacts } from './valve-types.js';

const QUARTER = 0.25;
const M_PER_TURN = 0.003;
const TURNS: Partial<Record<ValveType, number>> = {
  'compression-stop': 3,
  'compression-stop-angle': 3,
  'radiator-disc': 2,
  'radiator-metering': 4,
  needle: 8,
};

/**
 * Turns of a stem from shut to open, as such a valve usually has: what a log of counted turns replaces.
 *
 * @param type kind of valve
 * @param dn   nominal size
 * @returns turns; 0 for what moves by itself
 * Source: the waterworks' three turns an inch and two more for gates; a disc lifts a quarter of its bore on a thread of 3 mm; stops and radiator valves
 * as made.
 *
 * @example
 * stemTurns('gate-resilient', 100) // 14
 */
export function stemTurns(type: ValveType, dn: number): number {
  const { strokes, family } = valveTypeFacts(type);
  if (strokes === 'self') return 0;
  if (strokes === 'quarter') return QUARTER;
  if (family === 'gate') return Math.round((3 * dn) / 25) + 2;
  return TURNS[type] ?? Math.max(2, Math.round(dn / 4 / (M_PER_TURN * 1000)));
}
