import { type Operator, isQuarterTurn } from '../../../ground/valves/index.js';
import type { Candidate } from '../../duty/index.js';

/** Whether a glance tells open from shut: a quarter-turn handle, a rising stem or a listed indicator does. Undefined where the stem decides and is not known. */
export function showsPosition({ type, stem, operator, listedIndicating }: Candidate): boolean | undefined {
  if (listedIndicating || isQuarterTurn(type)) return true;
  if (stem === 'os-y' || stem === 'rising') return true;
  if (stem === undefined && operator === undefined && type.startsWith('gate')) return undefined;
  return false;
}

const LOCKABLE: readonly Operator[] = ['locking-lever', 'notch-lever', 'gear'];

/** Whether a lock can hang on it: a lever made for it, a gear, or the chain through an outside screw and yoke. Undefined where the operator is not known. */
export function takesLock({ operator, stem }: Candidate): boolean | undefined {
  if (stem === 'os-y') return true;
  return operator === undefined ? undefined : LOCKABLE.includes(operator);
}

const BY_HAND: readonly Operator[] = [
  'lever',
  'locking-lever',
  'tee',
  'round-handle',
  'notch-lever',
  'loose-key',
];

/** A quarter-turn handle a hand can snap shut. Undefined where the operator is not known. */
export function isSnapHandle({ type, operator }: Candidate): boolean | undefined {
  if (!isQuarterTurn(type)) return false;
  return operator === undefined ? undefined : BY_HAND.includes(operator);
}
