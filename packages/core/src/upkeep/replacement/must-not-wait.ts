import { type Medium, isFuelGas } from '../../ground/media/index.js';
import type { ValveFunction } from '../../ground/valves/index.js';
import type { Failure } from '../../judgement/board/index.js';

/**
 * Why a failed valve may not wait for the money of a year; undefined where it may.
 *
 * @param failure what was found
 * @param medium  of its line
 * @param asked   what the valve is for
 * Source: gas cocks that leak or do not turn, fire valves that do not shut and emergency shut-offs that do not work stand above any budget.
 *
 * @example
 * mustNotWait('gas-seized', 'natural-gas', 'isolate') // 'A gas valve that does not turn cannot stop a leak.'
 */
export function mustNotWait(failure: Failure, medium: Medium, asked: ValveFunction): string | undefined {
  if (failure === 'gas-leaks') return 'Gas leaks at it.';
  if (isFuelGas(medium) && failure === 'gas-seized')
    return 'A gas valve that does not turn cannot stop a leak.';
  const cannotShut = failure === 'seized' || failure === 'leaks-by';
  if (medium === 'fire-water' && cannotShut) return 'A fire valve that does not shut.';
  if (asked === 'emergency-shutoff' && cannotShut) return 'An emergency shut-off that does not work.';
  return undefined;
}
