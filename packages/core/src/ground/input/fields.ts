import { type Field, refuse } from './field.js';
import { InvalidInput } from './invalid-input.js';

export interface NumberLimits {
  /** The unit as people write it: "m", "Pa gauge". */
  unit?: string;
  min?: number;
  max?: number;
  /** Exclusive lower limit. */
  above?: number;
  integer?: boolean;
  meaning?: string;
}

/** A finite number within its limits. */
export function number(limits: NumberLimits = {}): Field<number> {
  const { unit, min, max, above, integer, meaning } = limits;
  const bounds = [
    above === undefined ? '' : `above ${above}`,
    min === undefined ? '' : `${min} or more`,
    max === undefined ? '' : `at most ${max}`,
  ].filter(Boolean);
  const takes = [
    integer ? 'a whole number' : 'a number',
    unit ? ` in ${unit}` : '',
    bounds.length ? `, ${bounds.join(', ')}` : '',
  ].join('');
  return {
    takes,
    meaning,
    schema: {
      type: integer ? 'integer' : 'number',
      description: [unit, meaning].filter(Boolean).join('; '),
      ...(min !== undefined && { minimum: min }),
      ...(max !== undefined && { maximum: max }),
      ...(above !== undefined && { exclusiveMinimum: above }),
    },
    read(value, path) {
      const fits =
        typeof value === 'number' &&
        Number.isFinite(value) &&
        (min === undefined || value >= min) &&
        (max === undefined || value <= max) &&
        (above === undefined || value > above) &&
        (!integer || Number.isInteger(value));
      if (!fits) throw refuse(path, value, takes);
      return value;
    },
  };
}

/** A non-empty text of at most `most` characters. */
export function text(most = 200, meaning?: string): Field<string> {
  const takes = `a text of 1 to ${most} characters`;
  return {
    takes,
    meaning,
    schema: { type: 'string', minLength: 1, maxLength: most, pattern: '\\S' },
    read(value, path) {
      if (typeof value !== 'string' || value.trim() === '' || value.length > most)
        throw refuse(path, value, takes);
      return value;
    },
  };
}

/** true or false. */
export function flag(meaning?: string): Field<boolean> {
  const takes = 'true or false';
  return {
    takes,
    meaning,
    schema: { type: 'boolean', ...(meaning && { description: meaning }) },
    read(value, path) {
      if (typeof value !== 'boolean') throw refuse(path, value, takes);
      return value;
    },
  };
}

/** One of a list of ids. */
export function choice<const T extends string>(ids: readonly T[], meaning?: string): Field<T> {
  const takes = `one of ${ids.join(', ')}`;
  const known = new Set<unknown>(ids);
  return {
    takes,
    meaning,
    schema: { type: 'string', enum: ids, ...(meaning && { description: meaning }) },
    read(value, path) {
      if (!known.has(value)) throw refuse(path, value, takes);
      return value as T;
    },
  };
}

/** The same field, which may be left out. */
export function optional<T>(field: Field<T>): Field<T | undefined> {
  return {
    ...field,
    optional: true,
    read: (value, path) => (value === undefined ? undefined : field.read(value, path)),
  };
}

/** A list of `item`, between `least` and `most` long. */
export function list<T>(
  item: Field<T>,
  { least = 0, most = 100_000 }: { least?: number; most?: number } = {},
): Field<T[]> {
  const length = least === most ? `${least}` : least === 0 ? `up to ${most}` : `${least} to ${most}`;
  const takes = `a list of ${length}, each ${item.takes}`;
  return {
    takes,
    schema: { type: 'array', items: item.schema, minItems: least, maxItems: most },
    inside: item.inside,
    read(value, path) {
      if (!Array.isArray(value) || value.length < least || value.length > most)
        throw refuse(path, value, takes);
      return value.map((entry, index) => {
        try {
          return item.read(entry, path);
        } catch (error) {
          // Read once more for the message: no path is built for an entry that is right.
          if (error instanceof InvalidInput) item.read(entry, `${path}[${index}]`);
          throw error;
        }
      });
    },
  };
}
