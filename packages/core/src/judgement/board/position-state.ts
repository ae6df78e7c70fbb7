import { type Medium, isFuelGas } from '../../ground/media/index.js';
import type { ValveType } from '../../ground/valves/index.js';
import { type Condition, isLeaking, typeFound } from '../walk/index.js';

/** How far the valve of a position is, from the first to the last; what has to be acted on goes before all of them. */
export const POSITION_STATES = ['not-picked', 'picked', 'ordered', 'in-service', 'act'] as const;
export type PositionState = (typeof POSITION_STATES)[number];

/** What of a position says how far its valve is. */
export interface PositionFacts {
  pickedType: ValveType | null;
  condition: Condition;
  /** State of the order its valve is on; null where it is on none. */
  ordered: 'draft' | 'sent' | 'confirmed' | 'part-received' | 'received' | null;
  /** Whether its line was started up and handed over. */
  isHandedOver?: boolean;
}

/**
 * How far the valve of a position is. A valve that fails is acted on, whatever is picked or ordered for it. What is on order with a supplier is
 * ordered; a draft is not. What was handed over is in service, and so is a valve that was found and has no successor picked.
 *
 * @example
 * positionState({ pickedType: 'ball', condition: {}, ordered: 'draft' }, 'potable-cold') // 'picked'
 */
export function positionState(
  { pickedType, condition, ordered, isHandedOver = false }: PositionFacts,
  medium: Medium,
): PositionState {
  if (valveFailure(condition, medium) !== undefined) return 'act';
  if (isHandedOver) return 'in-service';
  if (ordered !== null && ordered !== 'draft') return 'ordered';
  if (pickedType !== null) return 'picked';
  return typeFound(condition) === undefined ? 'not-picked' : 'in-service';
}

/**
 * How many positions of a line are how far, in the order of the states.
 *
 * @example
 * countByState([{ pickedType: 'ball', condition: {}, ordered: null }], 'potable-cold').get('picked') // 1
 */
export function countByState(
  positions: readonly PositionFacts[],
  medium: Medium,
): ReadonlyMap<PositionState, number> {
  const counts = new Map(POSITION_STATES.map((state) => [state, 0]));
  for (const position of positions) {
    const state = positionState(position, medium);
    counts.set(state, (counts.get(state) ?? 0) + 1);
  }
  return counts;
}

/** What is wrong with a valve, and what is done about it. */
export type Failure = 'gas-leaks' | 'gas-seized' | 'seized' | 'leaks-by' | 'leaks';

/**
 * What is wrong with the valve of a position, the most pressing first; undefined where nothing is known to be.
 *
 * @example
 * valveFailure({ type: 'plug-taper', turning: 'seized' }, 'natural-gas') // 'gas-seized'
 */
export function valveFailure(condition: Condition, medium: Medium): Failure | undefined {
  const { type, turning, holding } = condition;
  const isGas = isFuelGas(medium);
  const leaks = isLeaking(condition);
  if (isGas && leaks) return 'gas-leaks';
  if (isGas && turning === 'seized' && type !== 'nothing') return 'gas-seized';
  if (turning === 'seized') return 'seized';
  if (holding === 'passes') return 'leaks-by';
  return leaks ? 'leaks' : undefined;
}

/** Failures from the most pressing on. */
export const FAILURES: readonly Failure[] = ['gas-leaks', 'gas-seized', 'leaks', 'leaks-by', 'seized'];
