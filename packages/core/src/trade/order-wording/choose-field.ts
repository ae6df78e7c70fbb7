import { orderChoice } from './order-choice.js';
import { readOrder } from './read-order.js';
import type { SpecEnd, ValveSpec } from './valve-spec.js';

/**
 * A valve with one field chosen, by one of the choices an open field offers.
 *
 * @param spec   as it is
 * @param field  chosen
 * @param choice as in the field's choices; an empty one takes the field back
 * @returns the spec with the field read as the counter would read it
 *
 * @example
 * chooseField({ type: 'ball' }, 'rating', '600 CWP') // { type: 'ball', rating: { kind: 'cwp', value: 600 } }
 */
export function chooseField(spec: ValveSpec, field: keyof ValveSpec, choice: string): ValveSpec {
  const { [field]: _before, ...rest } = spec;
  if (choice === '') return rest;
  const value = readOrder(orderChoice(field, choice)).spec[field];
  return value === undefined ? spec : { ...rest, [field]: value };
}

/** A valve with one end of another kind; sizes of tubes stay. */
export function chooseEnd(spec: ValveSpec, at: number, style: SpecEnd['style']): ValveSpec {
  const ends = (spec.ends ?? []).map((end, index) => (index === at ? { ...end, style } : end));
  return { ...spec, ends };
}

/** A valve with another tube on one end, by its outside diameter; none where it is not known. */
export function chooseTube(spec: ValveSpec, at: number, odIn: number | undefined): ValveSpec {
  const ends = (spec.ends ?? []).map((end, index) => {
    if (index !== at) return end;
    const { odIn: _before, ...rest } = end;
    return odIn === undefined ? rest : { ...rest, odIn };
  });
  return { ...spec, ends };
}
