import { InvalidInput } from './invalid-input.js';

/**
 * One described input: it reads an unknown value into a typed one, and says in words what it takes.
 * Descriptions are the only place where an input's shape is written down: reading, `--help` and the API use the same.
 */
export interface Field<T> {
  /** Returns the typed value, or throws InvalidInput naming `path`. */
  read(value: unknown, path: string): T;
  /** What would be right, in words: "a number in m, above 0". */
  readonly takes: string;
  /** The same as a JSON Schema, for the published description of the API. */
  readonly schema: JsonSchema;
  readonly optional?: boolean;
  /** What the field means, where its name does not say it. */
  readonly meaning?: string;
  /** The fields inside, for records and lists of records. */
  readonly inside?: Readonly<Record<string, Field<unknown>>>;
}

/** A JSON Schema, draft 2020-12, as far as inputs need it. */
export type JsonSchema = Readonly<Record<string, unknown>>;

export type ValueOf<F> = F extends Field<infer T> ? T : never;

/** The value as it was found, short enough for a message. */
export function shown(value: unknown): string {
  if (value === undefined) return 'nothing';
  const text = typeof value === 'number' ? String(value) : JSON.stringify(value);
  return text.length > 60 ? `${text.slice(0, 57)}...` : text;
}

export function refuse(path: string, value: unknown, takes: string): InvalidInput {
  const name = path === '' ? 'input' : path;
  return new InvalidInput(
    name,
    value === undefined ? `${name} is missing: give ${takes}.` : `${name} is ${shown(value)}: give ${takes}.`,
  );
}
