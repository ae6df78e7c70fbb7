import { readOrder } from './read-order.js';
import type { ValveSpec } from './valve-spec.js';

/**
 * The valve some words say, field by field.
 *
 * @param text a line of an order
 * @returns undefined where they say no valve: a part, a tool, a greeting
 *
 * @example
 * valveSaid('thread sealant') // undefined
 */
export function valveSaid(text: string): ValveSpec | undefined {
  const { spec } = readOrder(text);
  // A metal alone names a family too, and bolts are of metal: a valve is named by its type, or as a stop or a check.
  const isNamed = spec.type !== undefined || spec.family === 'stop' || spec.family === 'check';
  return isNamed ? spec : undefined;
}
