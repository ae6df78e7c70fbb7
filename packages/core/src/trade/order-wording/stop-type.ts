import type { ValveType } from '../../ground/valves/index.js';
import type { ValveSpec } from './valve-spec.js';

/**
 * The type of a stop that its form and action tell.
 *
 * @returns undefined where the action is not said
 *
 * @example
 * stopTypeOf('angle', 'multi-turn') // 'compression-stop-angle'
 */
export function stopTypeOf(form: ValveSpec['form'], action: ValveSpec['action']): ValveType | undefined {
  if (action === undefined) return undefined;
  if (action === 'quarter-turn') return 'quarter-turn-stop';
  return form === 'angle' || form === 'dual-angle' ? 'compression-stop-angle' : 'compression-stop';
}
