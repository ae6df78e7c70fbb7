import { FUNCTION_WORDS, type ValveFunction } from '../../ground/valves/index.js';
import { capitalized } from '../../ground/wording/index.js';

const CLAUSE = /^([^,;.]*)[,;.]?\s*(.*)$/s;

/**
 * The name in the remarks of a position, and what they say beyond it.
 *
 * @param remarks as they were typed
 * @returns the first clause, and the rest; both empty where nothing was typed
 *
 * @example
 * namedIn('café branch, in the wall; no torch') // { name: 'café branch', where: 'in the wall; no torch' }
 */
export function namedIn(remarks: string): { name: string; where: string } {
  const [, name = '', where = ''] = CLAUSE.exec(remarks) ?? [];
  return { name: name.trim(), where: where.trim() };
}

/**
 * What people call a position: its name, or what it is asked to do.
 *
 * @example
 * positionWords({ name: '', duty: { function: 'isolate' } }) // 'Shut off'
 */
export const positionWords = ({ name, duty }: { name: string; duty: { function: ValveFunction } }): string =>
  capitalized(name === '' ? FUNCTION_WORDS[duty.function] : name);
