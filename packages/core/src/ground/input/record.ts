import { type Field, type ValueOf, refuse } from './field.js';
import { InvalidInput } from './invalid-input.js';

type Fields = Readonly<Record<string, Field<unknown>>>;
type OptionalNames<F extends Fields> = {
  [K in keyof F]: undefined extends ValueOf<F[K]> ? K : never;
}[keyof F];

/** The typed value of a record: fields that may be left out are optional properties. */
export type RecordOf<F extends Fields> = {
  [K in Exclude<keyof F, OptionalNames<F>>]: ValueOf<F[K]>;
} & { [K in OptionalNames<F>]?: Exclude<ValueOf<F[K]>, undefined> };

/**
 * An object with exactly these fields. Unknown fields are refused by name; a field given as `undefined` counts as left out.
 */
export function record<F extends Fields>(fields: F, meaning?: string): Field<RecordOf<F>> {
  const names = Object.keys(fields);
  const takes = `an object with ${names.map((name) => (fields[name]?.optional ? `${name}?` : name)).join(', ')}`;
  return {
    takes,
    meaning,
    schema: {
      type: 'object',
      properties: Object.fromEntries(names.map((name) => [name, fields[name]?.schema])),
      required: names.filter((name) => !fields[name]?.optional),
      additionalProperties: false,
    },
    inside: fields,
    read(value, path) {
      if (typeof value !== 'object' || value === null || Array.isArray(value))
        throw refuse(path, value, takes);
      const given = value as Record<string, unknown>;
      for (const name of Object.keys(given)) {
        if (!Object.hasOwn(fields, name)) {
          throw new InvalidInput(
            join(path, name),
            `${join(path, name)} is not a field here: known are ${names.join(', ')}.`,
          );
        }
      }
      const out: Record<string, unknown> = {};
      for (const [name, field] of Object.entries(fields)) {
        const read = field.read(given[name], join(path, name));
        if (read !== undefined) out[name] = read;
      }
      return out as RecordOf<F>;
    },
  };
}

/** Exactly one of several records, told apart by the field that only it has. */
export function oneOf<T extends Record<string, Field<unknown>>>(variants: T): Field<ValueOf<T[keyof T]>> {
  const takes = Object.values(variants)
    .map((variant) => variant.takes)
    .join(', or ');
  return {
    takes,
    schema: { oneOf: Object.values(variants).map(({ schema }) => schema) },
    inside: Object.assign({}, ...Object.values(variants).map((variant) => variant.inside)) as Fields,
    read(value, path) {
      if (typeof value !== 'object' || value === null || Array.isArray(value))
        throw refuse(path, value, takes);
      const present = Object.keys(variants).filter(
        (mark) => (value as Record<string, unknown>)[mark] !== undefined,
      );
      const [only] = present;
      if (only === undefined)
        throw new InvalidInput(path, `${path} is ${JSON.stringify(value)?.slice(0, 60)}: give ${takes}.`);
      if (present.length > 1) {
        throw new InvalidInput(
          join(path, present[1] as string),
          `${path} gives ${present.join(' and ')}: give only one of them.`,
        );
      }
      return (variants[only] as Field<ValueOf<T[keyof T]>>).read(value, path);
    },
  };
}

function join(path: string, name: string): string {
  return path === '' ? name : `${path}.${name}`;
}
