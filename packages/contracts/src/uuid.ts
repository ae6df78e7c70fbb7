import { type Field, InvalidInput } from '@grevik/core';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;

/** An id, where a list is read by one description. */
export const uuid: Field<string> = {
  takes: 'a UUID',
  schema: { type: 'string', format: 'uuid' },
  read(value, path) {
    if (typeof value !== 'string' || !UUID.test(value))
      throw new InvalidInput(
        path,
        `${path} is ${JSON.stringify(value)?.slice(0, 60) ?? 'missing'}: give a UUID.`,
      );
    return value;
  },
};
