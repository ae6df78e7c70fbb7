import { type ClassConstructor, Type } from 'class-transformer';
import { IsObject, ValidateNested, type ValidationOptions } from 'class-validator';

/**
 * What is an object of another class, or a list of them: neither a list where an object is meant, nor lists in a list.
 *
 * @param of   the class
 * @param each whether it is a list of them
 */
export function Nested(of: () => ClassConstructor<object>, { each = false } = {}): PropertyDecorator {
  const options: ValidationOptions = { each };
  return (target, property) => {
    for (const decorate of [IsObject(options), ValidateNested(options), Type(of)])
      decorate(target, property as string);
  };
}
