import { type Field, InvalidInput } from '@grevik/core';
import { registerDecorator } from 'class-validator';

const NAME = 'described';
const fields = new Map<object & { name: string }, Map<string, Field<unknown>>>();

/** Validates a property by a description of the core, so that the shape of a duty is written down once. */
export function Described(field: Field<unknown>): PropertyDecorator {
  return (target, property) => {
    const propertyName = String(property);
    const own = fields.get(target.constructor) ?? new Map<string, Field<unknown>>();
    fields.set(target.constructor, own.set(propertyName, field));
    registerDecorator({
      name: NAME,
      target: target.constructor,
      propertyName,
      validator: {
        validate: (value: unknown) => refusalOf(field, value, propertyName) === undefined,
        defaultMessage: (args) => refusalOf(field, args?.value, propertyName)?.message ?? '',
      },
    });
  };
}

/** Every described property of every request, for the published description of the API. */
export function describedFields(): { request: string; property: string; field: Field<unknown> }[] {
  return [...fields].flatMap(([request, own]) =>
    [...own].map(([property, field]) => ({ request: request.name, property, field })),
  );
}

/** The refusal of a described property, naming the field inside it; undefined where the property is not described or reads well. */
export function describedRefusal(
  request: object,
  property: string,
  value: unknown,
): InvalidInput | undefined {
  const field = fields.get(request.constructor)?.get(property);
  return field && refusalOf(field, value, property);
}

function refusalOf(field: Field<unknown>, value: unknown, path: string): InvalidInput | undefined {
  try {
    field.read(value, path);
    return undefined;
  } catch (error) {
    if (error instanceof InvalidInput) return error;
    throw error;
  }
}
