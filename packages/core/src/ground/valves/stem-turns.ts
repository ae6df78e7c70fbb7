import { NOMINAL_SIZES } from '../units/index.js';
import { type ValveType, valveTypeFacts } from './valve-types.js';

const QUARTER = 0.25;
const MM_PER_INCH = 25;
const TURNS: Partial<Record<ValveType, number>> = { 'radiator-disc': 2, 'radiator-metering': 4, needle: 8 };

/**
 * Turns of a stem from shut to open, as such a valve usually has: what a log of counted turns replaces.
 *
 * @param type kind of valve
 * @param dn   nominal size
 * @returns turns; 0 for what moves by itself
 * Source: the waterworks' three turns an inch and two more for gates; four an inch and two more for globe, angle and stop; radiator and needle valves as
 * made.
 *
 * @example
 * stemTurns('gate-resilient', 100) // 14
 */
export function stemTurns(type: ValveType, dn: number): number {
  const { strokes, family } = valveTypeFacts(type);
  if (strokes === 'self') return 0;
  if (strokes === 'quarter') return QUARTER;
  const inches = NOMINAL_SIZES.find((size) => size.dn === dn)?.inches ?? dn / MM_PER_INCH;
  return TURNS[type] ?? (family === 'gate' ? 3 : 4) * inches + 2;
}
