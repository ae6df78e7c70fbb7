import type { Field } from '../input/index.js';
import type { Basis } from './basis.js';

/** One named calculation: what it takes, what it gives, and the function. Shell, API and browser all run it from here. */
export interface Calculation<I = unknown, O = unknown> {
  readonly name: string;
  /** One sentence for `--list`. */
  readonly summary: string;
  readonly input: Field<I>;
  /** What each field of the result is, with its unit. */
  readonly gives: Readonly<Record<string, string>>;
  /** What else `--help` should say. */
  readonly notes: readonly string[];
  readonly basis?: Basis;
  readonly example: unknown;
  run(input: I): O;
}

/** Keeps a calculation's own types while it is written down. */
export function calculation<I, O>(definition: Calculation<I, O>): Calculation<I, O> {
  return definition;
}
